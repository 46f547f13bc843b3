<?php

declare(strict_types=1);

namespace App\Exchange;

use Ithys\Journal\Entry;

/** One row of an imported table: the readings it holds, or the reason it is refused. */
final readonly class ImportRow
{
    /**
     * @param  list<Entry>  $entries
     * @param  list<string>  $cells  as they stand in the file
     */
    private function __construct(
        public int $line,
        public array $entries,
        public ?string $refusal,
        public array $cells,
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  list<string>  $cells
     */
    public static function accepted(int $line, array $entries, array $cells): self
    {
        return new self($line, $entries, null, $cells);
    }

    /** @param  list<string>  $cells */
    public static function refused(int $line, string $reason, array $cells): self
    {
        return new self($line, [], $reason, $cells);
    }
}
