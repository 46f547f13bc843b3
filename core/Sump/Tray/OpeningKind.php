<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

use Ithys\Assumption\Assumptions;

/** What a hole in a tray is for. */
enum OpeningKind: string
{
    case SmallSock = 'sock-4in';
    case LargeSock = 'sock-7in';
    case Roller = 'roller';
    case Standpipe = 'standpipe';
    case Spare = 'spare';
    case Capped = 'capped';

    public function label(): string
    {
        return match ($this) {
            self::SmallSock => 'Sock, 4 in hole',
            self::LargeSock => 'Sock, 7 in hole',
            self::Roller => 'Fleece roller',
            self::Standpipe => 'Standpipe, the emergency way',
            self::Spare => 'Spare hole, not capped',
            self::Capped => 'Spare hole, capped',
        };
    }

    /** As a narrow place names it. */
    public function shortLabel(): string
    {
        return match ($this) {
            self::SmallSock, self::LargeSock => 'sock',
            self::Roller => 'roller',
            self::Standpipe => 'standpipe',
            self::Spare => 'open hole',
            self::Capped => 'cap',
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

    /** Whether it is a hole and nothing in it. */
    private function isHole(): bool
    {
        return $this === self::Spare || $this === self::Capped;
    }

    /** Whether the water has to go through cloth there, which clogs. */
    public function filters(): bool
    {
        return $this->isSock() || $this === self::Roller;
    }

    /** One of a usual size. */
    public function usual(string $id, Assumptions $assumptions): Opening
    {
        // A cap changes nothing about the hole.
        $kind = $this === self::Capped ? self::Spare : $this;
        $figure = fn (string $name): float => $assumptions->value("opening-{$kind->value}-{$name}");

        return new Opening(
            $id,
            $this,
            $figure('length'),
            $this->isRound() ? $figure('length') : $figure('width'),
            $this->isHole() ? 0.0 : $figure('stands'),
            $this->isHole() ? 0.0 : $figure('hangs'),
        );
    }
}
