<?php

declare(strict_types=1);

namespace Ithys\Journal\Supplement;

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

/** Something dosed under the name the keeper gives it, by volume or by mass. */
final readonly class Supplement implements Payload
{
    use PlainPayload;

    private function __construct(public string $name, public ?float $millilitres, public ?float $grams)
    {
    }

    /** @throws InvalidEntry for an amount no tank takes */
    public static function of(string $name, float $base, Dimension $dimension): self
    {
        Amount::within((float) mb_strlen($name), 1, 60, 'The number of characters of a name');

        return $dimension === Dimension::Mass
            ? new self($name, null, Amount::within($base, 0.001, 5_000, 'A dose', Dimension::Mass))
            : new self($name, 1000 * Amount::within($base, 0.00001, 10, 'A dose', Dimension::Dose), null);
    }

    public static function fromData(PayloadData $data): self
    {
        $grams = $data->optionalFigure('grams');

        return $grams === null
            ? self::of($data->text('name'), $data->figure('millilitres') / 1000, Dimension::Dose)
            : self::of($data->text('name'), $grams, Dimension::Mass);
    }

    public function kind(): Kind
    {
        return new SupplementKind;
    }

    public function line(): string
    {
        return "dosed {$this->name} ".($this->grams === null
            ? Figure::of((float) $this->millilitres).' ml'
            : Figure::of($this->grams).' g');
    }

    public function toArray(): array
    {
        return ['name' => $this->name, 'millilitres' => $this->millilitres, 'grams' => $this->grams];
    }

    public function summary(): Text
    {
        return Text::of(
            'Dosed {name} {amount}',
            name: $this->name,
            amount: $this->grams === null
                ? Quantity::millilitres((float) $this->millilitres)
                : Quantity::grams($this->grams),
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
