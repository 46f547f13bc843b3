<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\UnitSystem;

/** What one journal entry records, in base units. */
interface Payload
{
    public function kind(): EntryKind;

    /** @return array<string, bool|float|int|string|null> */
    public function toArray(): array;

    /** The entry in a keeper's words, such as "GFO 120 g, reactor". */
    public function summary(UnitSystem $units): string;
}
