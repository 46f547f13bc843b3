<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** Organic carbon given to feed bacteria. */
final readonly class CarbonDose implements Payload
{
    private function __construct(public CarbonSource $source, public float $millilitres)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(CarbonSource $source, float $millilitres): self
    {
        return new self($source, Amount::within($millilitres, 0.01, 2_000, 'An organic carbon dose', ' mL'));
    }

    public static function fromData(PayloadData $data): self
    {
        $source
            = CarbonSource::tryFrom($data->text('source'))
            ?? throw InvalidEntry::unknown('carbon source', $data->text('source'));

        return self::of($source, $data->figure('millilitres'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::CarbonDose;
    }

    public function toArray(): array
    {
        return ['source' => $this->source->value, 'millilitres' => $this->millilitres];
    }

    public function summary(UnitSystem $units): string
    {
        return 'Organic carbon, '.$this->source->value.' '.Amount::plain($this->millilitres).' mL';
    }
}
