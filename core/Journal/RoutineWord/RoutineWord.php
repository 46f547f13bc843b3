<?php

declare(strict_types=1);

namespace Ithys\Journal\RoutineWord;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Note\NoteKind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A word on what is done again and again: that it goes on as before, or that it stopped. */
final readonly class RoutineWord implements Payload
{
    use PlainPayload;

    private function __construct(public Repeated $of, public bool $goesOn)
    {
    }

    public static function goesOn(Repeated $of): self
    {
        return new self($of, true);
    }

    public static function stopped(Repeated $of): self
    {
        return new self($of, false);
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        $of = $data->text('of');

        return new self(
            Repeated::tryFrom($of) ?? throw InvalidEntry::unknown('routine', $of),
            $data->flag('goesOn'),
        );
    }

    public function kind(): Kind
    {
        return new RoutineWordKind;
    }

    public function line(): string
    {
        return implode(' ', $this->of->phrases()[0]).($this->goesOn ? ' as before' : ' stopped');
    }

    public function toArray(): array
    {
        return ['of' => $this->of->value, ...$this->goesOn ? ['goesOn' => true] : []];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->goesOn ? '{what}: as before' : '{what}: stopped',
            what: $this->of->label(),
        );
    }

    public function lane(): string
    {
        return NoteKind::KEY;
    }
}
