<?php

declare(strict_types=1);

namespace Ithys\Journal\KitChange;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Note\NoteKind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Text;

/** From here on a parameter is read with another kit, or with another bottle of the same one. */
final readonly class KitChange implements Payload
{
    use PlainPayload;

    private function __construct(public Parameter $parameter, public ?string $method)
    {
    }

    /** @throws InvalidEntry for an endless name */
    public static function to(Parameter $parameter, ?string $method = null): self
    {
        $name = trim($method ?? '');
        Amount::within((float) mb_strlen($name), 0, 80, 'The number of characters of a kit’s name');

        return new self($parameter, $name === '' ? null : $name);
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        $of = $data->text('parameter');

        return self::to(
            Parameter::tryFrom($of) ?? throw InvalidEntry::unknown('parameter', $of),
            $data->optionalText('method'),
        );
    }

    public function kind(): Kind
    {
        return new KitChangeKind;
    }

    public function line(): string
    {
        return "new kit {$this->parameter->value}".($this->method === null ? '' : " “{$this->method}”");
    }

    public function toArray(): array
    {
        return ['parameter' => $this->parameter->value, 'method' => $this->method];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->method === null ? 'New test kit for {of}' : 'New test kit for {of}: {kit}',
            of: $this->parameter->label(),
            kit: $this->method ?? '',
        );
    }

    public function lane(): string
    {
        return NoteKind::KEY;
    }
}
