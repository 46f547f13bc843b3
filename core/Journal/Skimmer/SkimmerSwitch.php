<?php

declare(strict_types=1);

namespace Ithys\Journal\Skimmer;

use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** The skimmer switched on or off. */
final readonly class SkimmerSwitch implements Payload
{
    use PlainPayload;

    public function __construct(public bool $on)
    {
    }

    public static function fromData(PayloadData $data): self
    {
        return new self($data->flag('on'));
    }

    public function kind(): Kind
    {
        return new SkimmerKind;
    }

    public function line(): string
    {
        return $this->on ? 'skimmer on' : 'skimmer off';
    }

    public function toArray(): array
    {
        return ['on' => $this->on];
    }

    public function summary(): Text
    {
        return Text::wrap($this->on ? 'Skimmer on' : 'Skimmer off');
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->on ? 1.0 : 0.0);
    }
}
