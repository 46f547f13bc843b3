<?php

declare(strict_types=1);

namespace Ithys\Journal\WaterChange;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Tank water replaced by new salt water; one of no litres says that none was made. */
final readonly class WaterChange implements Payload
{
    use PlainPayload;

    private function __construct(
        public float $changedLitres,
        /** mg/L of nitrate in the new water; null where it was not said. */
        public ?float $nitrate,
        /** mg/L of phosphate in it. */
        public ?float $phosphate,
    ) {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $litres, ?float $nitrate = null, ?float $phosphate = null): self
    {
        $level = static fn (?float $of, float $most, string $what): ?float => $of === null
            ? null
            : Amount::within($of, 0.0, $most, "{$what} in new water", Dimension::Concentration);

        return new self(
            $litres === 0.0 ? 0.0 : Amount::within($litres, 0.1, 50_000, 'A water change', Dimension::Volume),
            $level($nitrate, 100.0, 'Nitrate'),
            $level($phosphate, 5.0, 'Phosphate'),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of(
            $data->figure('litres'),
            $data->optionalFigure('nitrate'),
            $data->optionalFigure('phosphate'),
        );
    }

    /** What the new water itself holds, mg/L; null where it was not said. */
    public function brings(Parameter $parameter): ?float
    {
        return match ($parameter) {
            Parameter::Nitrate => $this->nitrate,
            Parameter::Phosphate => $this->phosphate,
            default => null,
        };
    }

    /** The share of a tank's water that was replaced, 0 to 1. */
    public function shareOf(float $workingLitres): float
    {
        return min(1.0, $this->changedLitres / $workingLitres);
    }

    public function kind(): Kind
    {
        return new WaterChangeKind;
    }

    public function line(): string
    {
        if ($this->changedLitres === 0.0) {
            return 'no water change';
        }
        $brings = ($this->nitrate === null ? '' : ' no3 '.Figure::of($this->nitrate))
            .($this->phosphate === null ? '' : ' po4 '.Figure::of($this->phosphate));

        return 'water change '.Figure::of($this->changedLitres).' l'.($brings === '' ? '' : " mix{$brings}");
    }

    public function toArray(): array
    {
        return ['litres' => $this->changedLitres, ...array_filter(
            ['nitrate' => $this->nitrate, 'phosphate' => $this->phosphate],
            static fn (?float $level): bool => $level !== null,
        )];
    }

    public function summary(): Text
    {
        if ($this->changedLitres === 0.0) {
            return Text::wrap('No water change made');
        }
        $brings = [
            $this->nitrate === null ? '' : ', nitrate {nitrate} in it',
            $this->phosphate === null ? '' : ', phosphate {phosphate} in it',
        ];

        return Text::of(
            'Water change {amount}'.implode('', $brings),
            amount: Quantity::litres($this->changedLitres),
            nitrate: Quantity::ppm($this->nitrate ?? 0.0),
            phosphate: Quantity::ppm($this->phosphate ?? 0.0),
        );
    }

    public function unusual(float $workingLitres): ?Text
    {
        return $workingLitres <= 0.0 || $this->changedLitres <= 0.6 * $workingLitres ? null : Text::of(
            'A water change of {change} is most of the {tank} in this tank.',
            change: Quantity::litres($this->changedLitres),
            tank: Quantity::litres($workingLitres),
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return $this->changedLitres === 0.0 ? new Mark(label: Text::wrap('none'), use: 0.0) : new Mark(
            label: Text::of('{share}%', share: Quantity::number(100 * $this->shareOf($workingLitres), 0)),
            use: $this->shareOf($workingLitres),
        );
    }
}
