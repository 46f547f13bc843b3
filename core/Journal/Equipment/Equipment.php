<?php

declare(strict_types=1);

namespace Ithys\Journal\Equipment;

use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A device switched on or off. */
final readonly class Equipment implements Payload
{
    use PlainPayload;

    public function __construct(public string $device, public bool $on)
    {
    }

    public static function fromData(PayloadData $data): self
    {
        return new self($data->text('device'), $data->flag('on'));
    }

    public function kind(): Kind
    {
        return new EquipmentKind;
    }

    public function line(): string
    {
        return mb_strtolower($this->device).($this->on ? ' on' : ' off');
    }

    public function toArray(): array
    {
        return ['device' => $this->device, 'on' => $this->on];
    }

    public function summary(): Text
    {
        return Text::of('{device!} {state}', device: $this->device, state: $this->on ? 'on' : 'off');
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark;
    }
}
