<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** What is known of the unit of a column beside the unit of its readings. */
final readonly class WrittenIn
{
    public function __construct(
        /** Unit of amounts of what was done, as the one-line log reads it; empty where none is given. */
        public string $done = '',
        /** What the heading gives as a unit that is not known here; empty where none is. */
        public string $unknown = '',
        /** Whether the unit was picked by a keeper, not written in the file. */
        public bool $isPicked = false,
    ) {
    }
}
