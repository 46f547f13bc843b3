<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** Food given, grams as it leaves the jar. */
final readonly class Feed implements Payload
{
    private function __construct(public float $grams, public ?Food $food)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $grams, ?Food $food = null): self
    {
        return new self(Amount::within($grams, 0.01, 5_000, 'A feeding', ' g'), $food);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('grams'), $data->optionalWord('food', Food::class));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Feed;
    }

    public function toArray(): array
    {
        return ['grams' => $this->grams, 'food' => $this->food?->value];
    }

    public function summary(UnitSystem $units): string
    {
        return 'Fed '.Amount::plain($this->grams).' g'.($this->food === null ? '' : ' '.$this->food->value);
    }
}
