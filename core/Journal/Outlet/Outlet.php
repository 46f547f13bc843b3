<?php

declare(strict_types=1);

namespace Ithys\Journal\Outlet;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Phosphate as it went into a reactor and as it came out, ppm: what the medium in it really takes. */
final readonly class Outlet implements Payload
{
    use PlainPayload;

    private function __construct(
        public float $in,
        public float $out,
        /** The mark of the reactor on the path; null where the tank has one only. */
        public ?string $item,
        public ?string $itemName,
    ) {
    }

    /** @throws InvalidEntry for levels no tank has */
    public static function of(float $in, float $out, ?Container $at = null): self
    {
        return new self(
            Amount::within($in, 0.0, 25.0, 'Phosphate in', Dimension::Concentration),
            Amount::within($out, 0.0, 25.0, 'Phosphate out', Dimension::Concentration),
            $at?->item,
            $at?->name,
        );
    }

    public static function fromData(PayloadData $data): self
    {
        $item = $data->optionalText('item');

        return self::of(
            $data->figure('in'),
            $data->figure('out'),
            $item === null ? null : new Container($item, $data->text('itemName'), Place::Reactor),
        );
    }

    public function kind(): Kind
    {
        return new OutletKind;
    }

    public function line(): string
    {
        return ($this->itemName ?? 'reactor').' po4 in '.Figure::of($this->in).' out '.Figure::of($this->out);
    }

    public function toArray(): array
    {
        return [
            'in' => $this->in,
            'out' => $this->out,
            ...$this->item === null ? [] : ['item' => $this->item, 'itemName' => $this->itemName],
        ];
    }

    public function summary(): Text
    {
        return Text::of(
            '{name!}: phosphate {in} in, {out} out',
            name: $this->itemName ?? 'reactor',
            in: Quantity::ppm($this->in),
            out: Quantity::ppm($this->out),
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->in - $this->out);
    }
}
