<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** What the first cells of a column of readings hold. */
final readonly class Sample
{
    public function __construct(
        /** The middle of its readings, in base units; null where it has none. */
        public ?float $middle,
        /** Whether cells say that the kit showed nothing, without saying from which level on it would have. */
        public bool $hasUndetected,
        /** Whether all of its figures are whole and not naught. */
        public bool $isWhole = false,
        /** @var list<string> the tanks that it names, in small letters */
        public array $names = [],
    ) {
    }
}
