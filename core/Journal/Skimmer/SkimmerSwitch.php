<?php

declare(strict_types=1);

namespace Ithys\Journal\Skimmer;

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

/** The skimmer switched on or off. */
final readonly class SkimmerSwitch implements Payload
{
    use PlainPayload;

    private function __construct(
        public bool $on,
        /** Hours a day that it rests, as at feedings. */
        public float $offHours,
    ) {
    }

    /** @throws InvalidEntry for more hours of rest than a day has */
    public static function of(bool $on, float $offHours = 0.0): self
    {
        return new self($on, Amount::within($offHours, 0.0, 23.9, 'The skimmer’s rest', Dimension::Hours));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->flag('on'), $data->optionalFigure('offHours') ?? 0.0);
    }

    public function kind(): Kind
    {
        return new SkimmerKind;
    }

    public function line(): string
    {
        return ($this->on ? 'skimmer on' : 'skimmer off')
            .($this->offHours > 0.0 ? ' off '.Figure::of($this->offHours).' h a day' : '');
    }

    public function toArray(): array
    {
        return ['on' => $this->on, ...$this->offHours > 0.0 ? ['offHours' => $this->offHours] : []];
    }

    public function summary(): Text
    {
        return $this->offHours > 0.0
            ? Text::of('Skimmer on, off {hours} a day', hours: Quantity::base($this->offHours, Dimension::Hours))
            : Text::wrap($this->on ? 'Skimmer on' : 'Skimmer off');
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->on ? 1.0 : 0.0);
    }
}
