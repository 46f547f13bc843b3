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
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** The refugium's hours of light a day, from this entry on. */
final readonly class Photoperiod implements Payload
{
    use PlainPayload;

    private function __construct(public float $hoursPerDay)
    {
    }

    /** @throws InvalidEntry for hours a day does not have */
    public static function of(float $hoursPerDay): self
    {
        return new self(Amount::within($hoursPerDay, 0, 24, 'Refugium light', Dimension::Hours));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('hours'));
    }

    public function kind(): Kind
    {
        return new PhotoperiodKind;
    }

    public function toArray(): array
    {
        return ['hours' => $this->hoursPerDay];
    }

    public function summary(): Text
    {
        return Text::of('Refugium light {hours} a day', hours: Quantity::base($this->hoursPerDay, Dimension::Hours));
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark(
            $this->hoursPerDay,
            Text::of('{hours}', hours: Quantity::number($this->hoursPerDay)),
        );
    }
}
