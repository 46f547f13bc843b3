<?php

declare(strict_types=1);

namespace App\Exchange;

/** What the import of a table came to. */
final readonly class SavedTable
{
    /** @param  list<string>  $why  why rows were left out, of the first ones, each with its line */
    public function __construct(
        public string $batch,
        public int $entries,
        public int $leftOut,
        public array $why,
    ) {
    }
}
