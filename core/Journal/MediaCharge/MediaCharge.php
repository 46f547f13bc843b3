<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A fresh charge of a medium, by mass or by volume. */
final readonly class MediaCharge implements Payload
{
    use PlainPayload;

    private function __construct(
        public Medium $medium,
        public ?float $grams,
        public ?float $litres,
        public ?Place $place,
        /** The mark of the item of the path that holds it; null where none is named. */
        public ?string $item,
        /** What the item was called then. */
        public ?string $itemName,
    ) {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function grams(Medium $medium, float $grams, Place|Container|null $in = null): self
    {
        return self::of($medium, Amount::within($grams, 0.1, 50_000, 'A media charge', Dimension::Mass), null, $in);
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function litres(Medium $medium, float $litres, Place|Container|null $in = null): self
    {
        return self::of($medium, null, Amount::within($litres, 0.001, 100, 'A media charge', Dimension::Volume), $in);
    }

    public static function fromData(PayloadData $data): self
    {
        $medium
            = Medium::tryFrom($data->text('medium')) ?? throw InvalidEntry::unknown('medium', $data->text('medium'));
        $place = $data->optionalWord('place', Place::class);
        $item = $data->optionalText('item');
        $in = $place === null || $item === null ? $place : new Container($item, $data->text('itemName'), $place);
        $grams = $data->optionalFigure('grams');

        return $grams === null
            ? self::litres($medium, $data->figure('litres'), $in)
            : self::grams($medium, $grams, $in);
    }

    public function kind(): Kind
    {
        return new MediaChargeKind;
    }

    public function line(): string
    {
        $amount = $this->grams === null
            ? Figure::of(1000 * (float) $this->litres).' ml'
            : Figure::of($this->grams).' g';
        $in = $this->itemName ?? $this->place?->value;

        return str_replace('-', ' ', $this->medium->value)." {$amount}".($in === null ? '' : " in {$in}");
    }

    public function toArray(): array
    {
        return [
            'medium' => $this->medium->value,
            'grams' => $this->grams,
            'litres' => $this->litres,
            'place' => $this->place?->value,
            ...$this->item === null ? [] : ['item' => $this->item, 'itemName' => $this->itemName],
        ];
    }

    /** As media are weighed and measured out. */
    public function amount(): Quantity
    {
        return match (true) {
            $this->grams !== null => Quantity::grams($this->grams),
            $this->litres < 1.0 => Quantity::millilitres((float) $this->litres * 1000),
            default => Quantity::litres((float) $this->litres),
        };
    }

    public function summary(): Text
    {
        return Text::of(
            $this->place === null ? '{medium} {amount}' : '{medium} {amount}, {place}',
            medium: $this->medium->label(),
            amount: $this->amount(),
            place: $this->itemName ?? $this->place->value ?? '',
        );
    }

    public function caution(): ?string
    {
        return match (true) {
            $this->medium->bindsPhosphate() => 'A fast drop in phosphate harms corals: start at half where the tank '
                .'never had it, and read again in a few days.',
            $this->medium === Medium::Zeolite => 'Use only aquarium zeolite, never industrial or cat-litter grades.',
            default => null,
        };
    }

    public function unusual(float $workingLitres): ?Text
    {
        // About five times the heaviest ordinary charge; common practice, generously drawn.
        [$grams, $millilitres] = match (true) {
            $this->medium->bindsPhosphate() => [5.0, 8.0],
            $this->medium === Medium::Zeolite => [40.0, 50.0],
            default => [12.0, 25.0],
        };
        $isFar = ($this->grams ?? 0.0) > $grams * $workingLitres
            || 1000 * ($this->litres ?? 0.0) > $millilitres * $workingLitres;

        return $workingLitres <= 0.0 || ! $isFar ? null : Text::of(
            '{medium} {amount} is far more than a tank of {tank} is given.',
            medium: $this->medium->label(),
            amount: $this->amount(),
            tank: Quantity::litres($workingLitres),
        );
    }

    public function lane(): string
    {
        return $this->medium->value;
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark(label: Text::of('{amount}', amount: $this->amount()));
    }

    private static function of(Medium $medium, ?float $grams, ?float $litres, Place|Container|null $in): self
    {
        return $in instanceof Container
            ? new self($medium, $grams, $litres, $in->place, $in->item, $in->name)
            : new self($medium, $grams, $litres, $in, null, null);
    }
}
