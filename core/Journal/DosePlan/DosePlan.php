<?php

declare(strict_types=1);

namespace Ithys\Journal\DosePlan;

use Ithys\Journal\Amount;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
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

/** Organic carbon that a pump doses every day from now on, or on some days of a week; none says that it stopped. */
final readonly class DosePlan implements Payload
{
    use PlainPayload;

    private const WEEK = 7.0;

    private function __construct(
        public CarbonSource $source,
        /** On a day that it doses. */
        public float $millilitres,
        public float $daysPerWeek,
        /** Share of ethanol or acetic acid; null for the usual. */
        public ?float $strength,
    ) {
    }

    /** @throws InvalidEntry for an amount, days or a strength that there are not */
    public static function of(
        CarbonSource $source,
        float $millilitres,
        float $daysPerWeek = self::WEEK,
        ?float $strength = null,
    ): self {
        if ($strength !== null && $source->strength() === null) {
            throw InvalidEntry::unknown('strength', Figure::of(100 * $strength).' %');
        }

        return new self(
            $source,
            // An amount no tank takes is refused by the dose itself.
            CarbonDose::of($source, $millilitres)->millilitres,
            Amount::within($daysPerWeek, 0.5, self::WEEK, 'Days a week', Dimension::Days),
            $strength === null ? null : Amount::within($strength, 0.005, 1.0, 'The strength', Dimension::Share),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            CarbonSource::tryFrom($data->text('source'))
                ?? throw InvalidEntry::unknown('carbon source', $data->text('source')),
            $data->figure('millilitres'),
            $data->optionalFigure('days') ?? self::WEEK,
            $data->optionalFigure('strength'),
        );
    }

    /** mL of the usual strength on a day that it doses. */
    public function usualMillilitres(): float
    {
        return $this->millilitres * ($this->strength ?? 1.0)
            / ($this->strength === null ? 1.0 : $this->source->strength() ?? 1.0);
    }

    /** mL of the usual strength a day, on average over a week. */
    public function perDay(): float
    {
        return $this->usualMillilitres() * $this->daysPerWeek / self::WEEK;
    }

    public function kind(): Kind
    {
        return new DosePlanKind;
    }

    public function line(): string
    {
        return $this->millilitres === 0.0
            ? "dose plan {$this->source->value} off"
            : "dose plan {$this->source->value} ".Figure::of($this->millilitres).' ml a day'
                .($this->daysPerWeek < self::WEEK ? ' '.Figure::of($this->daysPerWeek).' days a week' : '')
                .($this->strength === null ? '' : ' of '.Figure::of(100 * $this->strength).' %');
    }

    public function toArray(): array
    {
        return [
            'source' => $this->source->value,
            'millilitres' => $this->millilitres,
            ...$this->daysPerWeek < self::WEEK ? ['days' => $this->daysPerWeek] : [],
            ...$this->strength === null ? [] : ['strength' => $this->strength],
        ];
    }

    public function summary(): Text
    {
        return $this->millilitres === 0.0
            ? Text::of('Dose plan: no {source}', source: $this->source->label())
            : Text::of(
                'Dose plan: {source} {amount} a day{days}{strength}',
                source: $this->source->label(),
                amount: Quantity::millilitres($this->millilitres),
                days: $this->daysPerWeek < self::WEEK
                    ? Text::of(', {days} a week', days: Quantity::base($this->daysPerWeek, Dimension::Days))
                    : '',
                strength: $this->strength === null
                    ? ''
                    : Text::of(', of {share}', share: Quantity::share($this->strength)),
            );
    }

    public function caution(): ?string
    {
        return CarbonDose::of($this->source, $this->millilitres)->caution();
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark(
            $this->millilitres,
            Text::of('{amount}', amount: Quantity::millilitres($this->millilitres)),
            use: $this->perDay(),
        );
    }
}
