<?php

declare(strict_types=1);

namespace Ithys\Journal\ChoreWord;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Note\NoteKind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A chore that was looked at and not done: it was still fine, or it was skipped. */
final readonly class ChoreWord implements Payload
{
    use PlainPayload;

    private function __construct(public Chore $chore, public bool $isFine)
    {
    }

    public static function stillFine(Chore $chore): self
    {
        return new self($chore, true);
    }

    public static function skipped(Chore $chore): self
    {
        return new self($chore, false);
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        $chore = $data->text('chore');

        return new self(Chore::tryFrom($chore) ?? throw InvalidEntry::unknown('chore', $chore), $data->flag('fine'));
    }

    public function kind(): Kind
    {
        return new ChoreWordKind;
    }

    public function line(): string
    {
        $chore = implode(' ', $this->chore->words());

        return $this->isFine ? "{$chore} still fine" : "skipped {$chore}";
    }

    public function toArray(): array
    {
        return ['chore' => $this->chore->value, ...$this->isFine ? ['fine' => true] : []];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->isFine ? '{chore!}: still fine' : '{chore!}: skipped',
            chore: implode(' ', $this->chore->words()),
        );
    }

    public function lane(): string
    {
        return NoteKind::KEY;
    }
}
