<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** Something not understood: the characters it stands on and what would be right. */
final readonly class Problem
{
    public function __construct(
        public string $sentence,
        public int $start,
        public int $end,
    ) {
    }

    /** @return array{sentence: string, start: int, end: int} */
    public function toArray(): array
    {
        return ['sentence' => $this->sentence, 'start' => $this->start, 'end' => $this->end];
    }
}
