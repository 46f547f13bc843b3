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
        /** @var list<string> whole lines that could be meant */
        public array $instead = [],
    ) {
    }

    /** @return array{sentence: string, start: int, end: int, instead: list<string>} */
    public function toArray(): array
    {
        return [
            'sentence' => $this->sentence,
            'start' => $this->start,
            'end' => $this->end,
            'instead' => $this->instead,
        ];
    }
}
