<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** A fresh charge of a medium, by mass or by volume. */
final readonly class MediaCharge implements Payload
{
    private function __construct(
        public Medium $medium,
        public ?float $grams,
        public ?float $litres,
        public ?Place $place,
    ) {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function grams(Medium $medium, float $grams, ?Place $place = null): self
    {
        return new self($medium, Amount::within($grams, 0.1, 50_000, 'A media charge', ' g'), null, $place);
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function litres(Medium $medium, float $litres, ?Place $place = null): self
    {
        return new self($medium, null, Amount::within($litres, 0.001, 100, 'A media charge', ' L'), $place);
    }

    public static function fromData(PayloadData $data): self
    {
        $medium
            = Medium::tryFrom($data->text('medium')) ?? throw InvalidEntry::unknown('medium', $data->text('medium'));
        $place = $data->optionalWord('place', Place::class);
        $grams = $data->optionalFigure('grams');

        return $grams === null
            ? self::litres($medium, $data->figure('litres'), $place)
            : self::grams($medium, $grams, $place);
    }

    public function kind(): EntryKind
    {
        return EntryKind::MediaCharge;
    }

    public function toArray(): array
    {
        return [
            'medium' => $this->medium->value,
            'grams' => $this->grams,
            'litres' => $this->litres,
            'place' => $this->place?->value,
        ];
    }

    /** As media are weighed and measured out: grams or millilitres. */
    public function amountInWords(): string
    {
        return $this->grams === null
            ? Amount::plain((float) $this->litres * 1000).' mL'
            : Amount::plain($this->grams).' g';
    }

    public function summary(UnitSystem $units): string
    {
        $amount
            = $this->litres === null || $this->litres < 1
                ? $this->amountInWords()
                : $units->format($this->litres, Dimension::Volume);

        return $this->medium->label().' '.$amount.($this->place === null ? '' : ', '.$this->place->value);
    }
}
