<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Food given, grams as it leaves the jar. */
final readonly class Feed implements Payload
{
    use PlainPayload;

    private function __construct(public float $grams, public ?Food $food)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $grams, ?Food $food = null): self
    {
        return new self(Amount::within($grams, 0.01, 5_000, 'A feeding', Dimension::Mass), $food);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('grams'), $data->optionalWord('food', Food::class));
    }

    public function kind(): Kind
    {
        return new FeedKind;
    }

    public function toArray(): array
    {
        return ['grams' => $this->grams, 'food' => $this->food?->value];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->food === null ? 'Fed {amount}' : 'Fed {amount} {food}',
            amount: Quantity::grams($this->grams),
            food: $this->food->value ?? '',
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->grams, use: $this->grams);
    }
}
