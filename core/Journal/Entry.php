<?php

declare(strict_types=1);

namespace Ithys\Journal;

use DateTimeImmutable;

/** One dated thing that was read or done. */
final readonly class Entry
{
    public function __construct(
        public DateTimeImmutable $at,
        public Payload $payload,
        /** The journal's own number for it, where it has been saved. */
        public ?int $id = null,
        public ?string $note = null,
    ) {
    }

    public function kind(): Kind
    {
        return $this->payload->kind();
    }

    /** Days from another moment to this entry; negative before it. */
    public function daysAfter(DateTimeImmutable $moment): float
    {
        return ($this->at->getTimestamp() - $moment->getTimestamp()) / 86400;
    }
}
