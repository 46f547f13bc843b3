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
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Food given, grams as it leaves the jar. */
final readonly class Feed implements Payload
{
    use PlainPayload;

    private function __construct(
        public float $grams,
        public ?Food $food,
        /** As it was counted: "2 cubes"; null where it was weighed. */
        public ?string $counted,
    ) {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $grams, ?Food $food = null, ?string $counted = null): self
    {
        return new self(Amount::within($grams, 0.0005, 5_000, 'A feeding', Dimension::Mass), $food, $counted);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->figure('grams'),
            $data->optionalWord('food', Food::class),
            $data->optionalText('counted'),
        );
    }

    public function kind(): Kind
    {
        return new FeedKind;
    }

    public function line(): string
    {
        $food = $this->food === null ? '' : " {$this->food->value}";

        return 'fed '.($this->counted ?? Figure::of($this->grams).' g').$food;
    }

    public function toArray(): array
    {
        return [
            'grams' => $this->grams,
            'food' => $this->food?->value,
            ...$this->counted === null ? [] : ['counted' => $this->counted],
        ];
    }

    public function summary(): Text
    {
        return Text::of('Fed {portion}', portion: $this->portion());
    }

    /** How much of what, without what was done with it. */
    public function portion(): Text
    {
        return Text::of(
            '{amount}'.($this->food === null ? '' : ' {food}').($this->counted === null ? '' : ', {counted}'),
            amount: Quantity::grams($this->grams),
            counted: $this->counted ?? '',
            food: $this->food->value ?? '',
        );
    }

    public function unusual(float $workingLitres): ?Text
    {
        return $workingLitres <= 0.0 || $this->grams <= max(20.0, 0.2 * $workingLitres) ? null : Text::of(
            '{amount} of food is far more than a tank of {tank} is fed at once.',
            amount: Quantity::grams($this->grams),
            tank: Quantity::litres($workingLitres),
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->grams, use: $this->grams);
    }
}
