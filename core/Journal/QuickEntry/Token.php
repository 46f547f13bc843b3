<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** One written word and where it stands in the line, counted in characters. */
final readonly class Token
{
    public string $word;

    public function __construct(
        public string $text,
        public int $start,
    ) {
        $this->word = mb_strtolower($text);
    }

    public function end(): int
    {
        return $this->start + mb_strlen($this->text);
    }
}
