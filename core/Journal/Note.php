<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** A remark for later. */
final readonly class Note implements Payload
{
    private function __construct(public string $text)
    {
    }

    /** @throws InvalidEntry for an empty or endless note */
    public static function of(string $text): self
    {
        Amount::within((float) mb_strlen(trim($text)), 1, 500, 'A note', ' characters');

        return new self(trim($text));
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->text('text'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Note;
    }

    public function toArray(): array
    {
        return ['text' => $this->text];
    }

    public function summary(UnitSystem $units): string
    {
        return $this->text;
    }
}
