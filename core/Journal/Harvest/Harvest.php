<?php

declare(strict_types=1);

namespace Ithys\Journal\Harvest;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Algae taken out, g as they drip off. */
final readonly class Harvest implements Payload
{
    use PlainPayload;

    private function __construct(public float $grams)
    {
    }

    /** @throws InvalidEntry for an amount no tank grows */
    public static function of(float $grams): self
    {
        return new self(Amount::within($grams, 1, 20_000, 'A harvest', Dimension::Mass));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('grams'));
    }

    public function kind(): Kind
    {
        return new HarvestKind;
    }

    public function line(): string
    {
        return 'harvested '.Figure::of($this->grams).' g';
    }

    public function toArray(): array
    {
        return ['grams' => $this->grams];
    }

    public function summary(): Text
    {
        return Text::of('Algae harvested, {amount}', amount: Quantity::grams($this->grams));
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->grams, use: $this->grams);
    }
}
