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

    private function __construct(public float $hoursPerDay, public bool $isOfDisplay)
    {
    }

    /** @throws InvalidEntry for hours a day does not have */
    public static function of(float $hoursPerDay, bool $isOfDisplay = false): self
    {
        $what = $isOfDisplay ? 'Display light' : 'Refugium light';

        return new self(Amount::within($hoursPerDay, 0, 24, $what, Dimension::Hours), $isOfDisplay);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('hours'), $data->flag('display'));
    }

    public function kind(): Kind
    {
        return new PhotoperiodKind;
    }

    public function line(): string
    {
        return ($this->isOfDisplay ? 'light ' : 'refugium ').Figure::of($this->hoursPerDay).' h';
    }

    public function toArray(): array
    {
        return ['hours' => $this->hoursPerDay, ...$this->isOfDisplay ? ['display' => true] : []];
    }

    public function summary(): Text
    {
        $where = $this->isOfDisplay ? 'Display' : 'Refugium';

        return Text::of("{$where} light {hours} a day", hours: Quantity::base($this->hoursPerDay, Dimension::Hours));
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
