<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** Tank water replaced by new salt water. */
final readonly class WaterChange implements Payload
{
    private function __construct(public float $changedLitres)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $litres): self
    {
        return new self(Amount::within($litres, 0.1, 50_000, 'A water change', ' L'));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('litres'));
    }

    /** The share of a tank's water that was replaced, 0 to 1. */
    public function shareOf(float $workingLitres): float
    {
        return min(1.0, $this->changedLitres / $workingLitres);
    }

    public function kind(): EntryKind
    {
        return EntryKind::WaterChange;
    }

    public function toArray(): array
    {
        return ['litres' => $this->changedLitres];
    }

    public function summary(UnitSystem $units): string
    {
        return 'Water change '.$units->format($this->changedLitres, Dimension::Volume);
    }
}
