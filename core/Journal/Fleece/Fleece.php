<?php

declare(strict_types=1);

namespace Ithys\Journal\Fleece;

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

/** How much fleece a roller has left, or how much it winds on a day from this entry on. */
final readonly class Fleece implements Payload
{
    use PlainPayload;

    private function __construct(public ?float $leftMm, public ?float $mmPerDay)
    {
    }

    /** @throws InvalidEntry for a length no roll has */
    public static function left(float $mm): self
    {
        return new self(Amount::within($mm, 0.0, 200_000.0, 'The fleece left', Dimension::Length), null);
    }

    /** @throws InvalidEntry */
    public static function advancing(float $mmPerDay): self
    {
        return new self(null, Amount::within($mmPerDay, 0.0, 20_000.0, 'The fleece a day', Dimension::Length));
    }

    public static function fromData(PayloadData $data): self
    {
        $left = $data->optionalFigure('leftMm');

        return $left === null ? self::advancing($data->figure('mmPerDay')) : self::left($left);
    }

    public function kind(): Kind
    {
        return new FleeceKind;
    }

    public function line(): string
    {
        return $this->leftMm === null
            ? 'fleece '.Figure::of((float) $this->mmPerDay).' mm a day'
            : 'fleece '.Figure::of($this->leftMm / 1000).' m left';
    }

    public function toArray(): array
    {
        return $this->leftMm === null ? ['mmPerDay' => $this->mmPerDay] : ['leftMm' => $this->leftMm];
    }

    public function summary(): Text
    {
        return $this->leftMm === null
            ? Text::of('Fleece {length} a day', length: Quantity::base((float) $this->mmPerDay, Dimension::Head))
            : Text::of('Fleece {length} left', length: Quantity::base($this->leftMm, Dimension::Head));
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
