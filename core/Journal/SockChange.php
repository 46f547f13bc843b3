<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** A sock swapped for a clean one, with how soiled the old one was: 1 hardly, 5 clogged. */
final readonly class SockChange implements Payload
{
    public const MOST_SOILING = 5.0;

    private function __construct(public ?int $soiling)
    {
    }

    /** @throws InvalidEntry for a score outside 1 to 5 */
    public static function of(?float $soiling = null): self
    {
        return new self(
            $soiling === null ? null : (int) Amount::within($soiling, 1, self::MOST_SOILING, 'Soiling', ''),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->optionalFigure('soiling'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::SockChange;
    }

    public function toArray(): array
    {
        return ['soiling' => $this->soiling];
    }

    public function summary(UnitSystem $units): string
    {
        return 'Sock changed'.($this->soiling === null ? '' : ", soiling {$this->soiling} of 5");
    }
}
