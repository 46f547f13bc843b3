<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

/**
 * What a hole in a tray is for. Sizes to begin with: sock holes of 4 and 7 in are common practice, the rest are
 * estimates from memory.
 */
enum OpeningKind: string
{
    case SmallSock = 'sock-4in';
    case LargeSock = 'sock-7in';
    case Roller = 'roller';
    case Standpipe = 'standpipe';
    case Spare = 'spare';

    public function label(): string
    {
        return match ($this) {
            self::SmallSock => 'Sock, 4 in hole',
            self::LargeSock => 'Sock, 7 in hole',
            self::Roller => 'Fleece roller',
            self::Standpipe => 'Standpipe, the emergency way',
            self::Spare => 'Spare hole, not capped',
        };
    }

    public function isRound(): bool
    {
        return $this !== self::Roller;
    }

    public function isSock(): bool
    {
        return $this === self::SmallSock || $this === self::LargeSock;
    }

    /** Whether the water has to go through cloth there, which clogs. */
    public function filters(): bool
    {
        return $this->isSock() || $this === self::Roller;
    }

    /** One of a usual size. */
    public function usual(string $id): Opening
    {
        return match ($this) {
            self::SmallSock => new Opening($id, $this, 101.6, 101.6, 25.0, 330.0),
            self::LargeSock => new Opening($id, $this, 177.8, 177.8, 25.0, 405.0),
            self::Roller => new Opening($id, $this, 150.0, 110.0, 200.0, 208.28),
            self::Standpipe => new Opening($id, $this, 40.0, 40.0, 45.0, 60.0),
            self::Spare => new Opening($id, $this, 101.6, 101.6, 0.0, 0.0),
        };
    }
}
