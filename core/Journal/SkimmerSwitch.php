<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** The skimmer switched on or off. */
final readonly class SkimmerSwitch implements Payload
{
    public function __construct(public bool $on)
    {
    }

    public static function fromData(PayloadData $data): self
    {
        return new self($data->flag('on'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Skimmer;
    }

    public function toArray(): array
    {
        return ['on' => $this->on];
    }

    public function summary(UnitSystem $units): string
    {
        return $this->on ? 'Skimmer on' : 'Skimmer off';
    }
}
