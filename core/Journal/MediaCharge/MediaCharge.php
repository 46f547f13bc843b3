<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Assumption\Assumptions;
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

    /** Days after which it is meant to come out; null where it stays until it is exhausted. */
    public ?float $days;

    /** Whether it comes in beside what is there, not instead of it. */
    public bool $isTopUp;

    /** Days of a week on which it is in the water. */
    public float $daysPerWeek;

    private function __construct(
        public Medium $medium,
        public ?float $grams,
        public ?float $litres,
        public ?Place $place,
        /** The mark of the item of the path that holds it; null where none is named. */
        public ?string $item,
        /** What the item was called then. */
        public ?string $itemName,
        private Terms $terms = new Terms,
    ) {
        [$this->days, $this->isTopUp, $this->daysPerWeek] = [$terms->days, $terms->isTopUp, $terms->daysPerWeek];
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

        return ($grams === null
            ? self::litres($medium, $data->figure('litres'), $in)
            : self::grams($medium, $grams, $in))->meant(
                $data->optionalFigure('days'),
                $data->flag('topUp'),
                $data->optionalFigure('daysPerWeek') ?? Terms::WEEK,
            );
    }

    /**
     * The same, meant for some days, as a top-up, or on some days of a week.
     *
     * @throws InvalidEntry for days no charge stays
     */
    public function meant(?float $days, bool $isTopUp = false, float $daysPerWeek = Terms::WEEK): self
    {
        return new self(
            $this->medium,
            $this->grams,
            $this->litres,
            $this->place,
            $this->item,
            $this->itemName,
            Terms::of($days, $isTopUp, $daysPerWeek),
        );
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

        return "{$this->medium->word()} {$amount}".($in === null ? '' : " in {$in}")
            .($this->isTopUp ? ' top up' : '')
            .($this->daysPerWeek < Terms::WEEK ? ' '.Figure::of($this->daysPerWeek).' days a week' : '')
            .($this->days === null ? '' : ' for '.Figure::of($this->days).' days');
    }

    public function toArray(): array
    {
        return [
            'medium' => $this->medium->value,
            'grams' => $this->grams,
            'litres' => $this->litres,
            'place' => $this->place?->value,
            ...$this->item === null ? [] : ['item' => $this->item, 'itemName' => $this->itemName],
            ...$this->days === null ? [] : ['days' => $this->days],
            ...$this->isTopUp ? ['topUp' => true] : [],
            ...$this->daysPerWeek < Terms::WEEK ? ['daysPerWeek' => $this->daysPerWeek] : [],
        ];
    }

    /** What it weighs, g; by the density of its medium where it was measured by volume. */
    public function weight(Assumptions $assumptions): float
    {
        return $this->grams
            ?? 1000 * (float) $this->litres * $assumptions->value((string) $this->medium->key('density'));
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
        return Text::join(', ', [
            Text::of('{medium} {amount}', medium: $this->medium->label(), amount: $this->amount()),
            ...$this->place === null ? [] : [$this->itemName ?? $this->place->value],
            ...$this->isTopUp ? ['topped up'] : [],
            ...$this->daysPerWeek < Terms::WEEK
                ? [Text::of('{days} a week', days: Quantity::base($this->daysPerWeek, Dimension::Days))]
                : [],
            ...$this->days === null
                ? []
                : [Text::of('for {days}', days: Quantity::base($this->days, Dimension::Days))],
        ]);
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
