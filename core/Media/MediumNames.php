<?php

declare(strict_types=1);

namespace Ithys\Media;

/** What a medium is called: on screen, in the log, and as a column of a table. */
final readonly class MediumNames
{
    /**
     * @param  non-empty-list<string>  $words  names in the log, the one that Ithys writes first
     * @param  list<string>  $headings  names of a column of a table, beside those
     * @param  ?string  $short  as a narrow place names it; null for the same
     */
    public function __construct(
        public string $label,
        public array $words,
        public array $headings = [],
        public ?string $short = null,
    ) {
    }
}
