<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaRemoval;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Media\Medium;
use Ithys\Quantity\Text;

/** A medium taken out, with nothing in its place. */
final readonly class MediaRemoval implements Payload
{
    use PlainPayload;

    public function __construct(public Medium $medium)
    {
    }

    /** @throws InvalidEntry */
    public static function fromData(PayloadData $data): self
    {
        return new self(
            Medium::tryFrom($data->text('medium')) ?? throw InvalidEntry::unknown('medium', $data->text('medium')),
        );
    }

    public function kind(): Kind
    {
        return new MediaRemovalKind;
    }

    public function line(): string
    {
        return "{$this->medium->word()} out";
    }

    public function toArray(): array
    {
        return ['medium' => $this->medium->value];
    }

    public function summary(): Text
    {
        return Text::of('{medium} taken out', medium: $this->medium->label());
    }
}
