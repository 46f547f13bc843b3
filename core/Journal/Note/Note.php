<?php

declare(strict_types=1);

namespace Ithys\Journal\Note;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A remark for later. */
final readonly class Note implements Payload
{
    use PlainPayload;

    private function __construct(public string $text)
    {
    }

    /** @throws InvalidEntry for an empty or endless note */
    public static function of(string $text): self
    {
        Amount::within((float) mb_strlen(trim($text)), 1, 500, 'The number of characters of a note');

        return new self(trim($text));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->text('text'));
    }

    public function kind(): Kind
    {
        return new NoteKind;
    }

    public function line(): string
    {
        return "note {$this->text}";
    }

    public function toArray(): array
    {
        return ['text' => $this->text];
    }

    public function summary(): Text
    {
        return Text::wrap($this->text);
    }
}
