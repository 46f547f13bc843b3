<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use Ithys\Journal\Entry;

/** One row of a table: the entries it holds, what of it cannot be read, and what was made of the rest. */
final readonly class TableRow
{
    /**
     * @param  list<string>  $cells  as they stand in the file
     * @param  list<Entry>  $entries
     * @param  list<string>  $leftOut  sentences, one for each cell that is not read; of a row without entries why
     * @param  list<string>  $said  how cells were read that could be read otherwise
     */
    public function __construct(
        public int $line,
        public array $cells,
        public array $entries,
        public array $leftOut = [],
        public array $said = [],
        /** Whether it is an entry that the journal wrote out itself. */
        public bool $isStored = false,
        /** What is left out until its keeper says why it is right. */
        public int $doubted = 0,
    ) {
    }

    /** @param  list<string>  $cells */
    public static function refused(int $line, string $reason, array $cells): self
    {
        return new self($line, $cells, [], [$reason]);
    }
}
