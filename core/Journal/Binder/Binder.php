<?php

declare(strict_types=1);

namespace Ithys\Journal\Binder;

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

/** Lanthanum dosed, mL of the keeper's solution. */
final readonly class Binder implements Payload
{
    use PlainPayload;

    private function __construct(public float $millilitres)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $millilitres): self
    {
        return new self(1000 * Amount::within($millilitres / 1000, 0.00001, 1, 'A lanthanum dose', Dimension::Dose));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('millilitres'));
    }

    public function kind(): Kind
    {
        return new BinderKind;
    }

    public function line(): string
    {
        return 'lanthanum '.Figure::of($this->millilitres).' ml';
    }

    public function toArray(): array
    {
        return ['millilitres' => $this->millilitres];
    }

    public function summary(): Text
    {
        return Text::of('Lanthanum {amount}', amount: Quantity::millilitres($this->millilitres));
    }

    public function caution(): string
    {
        return 'Lanthanum clouds the water and can kill fish: dilute it, drip it slowly through a fine filter, and '
            .'stop when fish breathe fast. Phosphate that falls too fast harms corals.';
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->millilitres, use: $this->millilitres);
    }
}
