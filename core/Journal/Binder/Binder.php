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

    private function __construct(
        public float $millilitres,
        /** Lanthanum in it; null where its strength is not said. */
        public ?float $milligrams,
    ) {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(float $millilitres, ?float $milligrams = null): self
    {
        return new self(
            1000 * Amount::within($millilitres / 1000, 0.00001, 1, 'A lanthanum dose', Dimension::Dose),
            $milligrams === null
                ? null
                : 1000 * Amount::within($milligrams / 1000, 0.000_01, 100, 'The lanthanum in it', Dimension::Mass),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('millilitres'), $data->optionalFigure('milligrams'));
    }

    public function kind(): Kind
    {
        return new BinderKind;
    }

    public function line(): string
    {
        return 'lanthanum '.Figure::of($this->millilitres).' ml'
            .($this->milligrams === null ? '' : ' holding '.Figure::of($this->milligrams).' mg');
    }

    public function toArray(): array
    {
        return [
            'millilitres' => $this->millilitres,
            ...$this->milligrams === null ? [] : ['milligrams' => $this->milligrams],
        ];
    }

    public function summary(): Text
    {
        $amount = Quantity::millilitres($this->millilitres);

        return $this->milligrams === null
            ? Text::of('Lanthanum {amount}', amount: $amount)
            : Text::of('Lanthanum {amount} with {mg} mg', amount: $amount, mg: Quantity::number($this->milligrams));
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
