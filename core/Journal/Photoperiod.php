<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** The refugium's hours of light a day, from this entry on. */
final readonly class Photoperiod implements Payload
{
    private function __construct(public float $hoursPerDay)
    {
    }

    /** @throws InvalidEntry for hours a day does not have */
    public static function of(float $hoursPerDay): self
    {
        return new self(Amount::within($hoursPerDay, 0, 24, 'Refugium light', ' h'));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('hours'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Photoperiod;
    }

    public function toArray(): array
    {
        return ['hours' => $this->hoursPerDay];
    }

    public function summary(UnitSystem $units): string
    {
        return 'Refugium light '.Amount::plain($this->hoursPerDay).' h a day';
    }
}
