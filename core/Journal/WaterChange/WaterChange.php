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
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Tank water replaced by new salt water. */
final readonly class WaterChange implements Payload
{
    use PlainPayload;

    private function __construct(public float $changedLitres)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $litres): self
    {
        return new self(Amount::within($litres, 0.1, 50_000, 'A water change', Dimension::Volume));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('litres'));
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
        return 'water change '.Figure::of($this->changedLitres).' l';
    }

    public function toArray(): array
    {
        return ['litres' => $this->changedLitres];
    }

    public function summary(): Text
    {
        return Text::of('Water change {amount}', amount: Quantity::litres($this->changedLitres));
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
        return new Mark(
            label: Text::of('{share}%', share: Quantity::number(100 * $this->shareOf($workingLitres), 0)),
            use: $this->shareOf($workingLitres),
        );
    }
}
