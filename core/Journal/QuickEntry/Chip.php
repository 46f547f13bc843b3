<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** One thing understood, said back to the keeper, and the characters it was read from. */
final readonly class Chip
{
    public function __construct(
        /** no3, po4, the kind of a lever, or "when". */
        public string $tone,
        public string $text,
        public int $start,
        public int $end,
    ) {
    }

    /** @return array{tone: string, text: string, start: int, end: int} */
    public function toArray(): array
    {
        return ['tone' => $this->tone, 'text' => $this->text, 'start' => $this->start, 'end' => $this->end];
    }
}
