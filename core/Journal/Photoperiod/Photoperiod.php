<?php

declare(strict_types=1);

namespace Ithys\Journal\Photoperiod;

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

/** The hours of light a day of the refugium or the display, from this entry on. */
final readonly class Photoperiod implements Payload
{
    use PlainPayload;

    private const WEEK = 7.0;

    private function __construct(
        public float $hoursPerDay,
        public bool $isOfDisplay,
        public float $daysPerWeek,
        /** Of its full power. */
        public float $dim,
    ) {
    }

    /** @throws InvalidEntry for hours a day or days a week does not have */
    public static function of(
        float $hoursPerDay,
        bool $isOfDisplay = false,
        float $daysPerWeek = self::WEEK,
        float $dim = 1.0,
    ): self {
        $what = $isOfDisplay ? 'Display light' : 'Refugium light';

        return new self(
            Amount::within($hoursPerDay, 0, 24, $what, Dimension::Hours),
            $isOfDisplay,
            Amount::within($daysPerWeek, 0, self::WEEK, 'Days a week'),
            Amount::within($dim, 0, 1, 'Light, of its full power', Dimension::Share),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->figure('hours'),
            $data->flag('display'),
            $data->optionalFigure('days') ?? self::WEEK,
            $data->optionalFigure('dim') ?? 1.0,
        );
    }

    public function kind(): Kind
    {
        return new PhotoperiodKind;
    }

    public function line(): string
    {
        return ($this->isOfDisplay ? 'light ' : 'refugium ').Figure::of($this->hoursPerDay).' h'
            .($this->daysPerWeek < self::WEEK ? ' '.Figure::of($this->daysPerWeek).' days a week' : '')
            .($this->dim < 1.0 ? ' at '.Figure::of(100 * $this->dim).' %' : '');
    }

    public function toArray(): array
    {
        return [
            'hours' => $this->hoursPerDay,
            ...$this->isOfDisplay ? ['display' => true] : [],
            ...$this->daysPerWeek < self::WEEK ? ['days' => $this->daysPerWeek] : [],
            ...$this->dim < 1.0 ? ['dim' => $this->dim] : [],
        ];
    }

    public function summary(): Text
    {
        $where = $this->isOfDisplay ? 'Display' : 'Refugium';

        return Text::join(', ', [
            Text::of("{$where} light {hours} a day", hours: Quantity::base($this->hoursPerDay, Dimension::Hours)),
            ...$this->daysPerWeek < self::WEEK
                ? [Text::of('{days} days a week', days: Quantity::number($this->daysPerWeek))]
                : [],
            ...$this->dim < 1.0 ? [Text::of('at {share}', share: Quantity::share($this->dim))] : [],
        ]);
    }

    public function lane(): string
    {
        return $this->isOfDisplay ? PhotoperiodKind::DISPLAY : PhotoperiodKind::KEY;
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark(
            $this->hoursPerDay,
            Text::of('{hours}', hours: Quantity::number($this->hoursPerDay)),
        );
    }
}
