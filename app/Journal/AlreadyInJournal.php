<?php

declare(strict_types=1);

namespace App\Journal;

use DomainException;
use Ithys\Journal\Entry;
use Ithys\Quantity\UnitSystem;

/** The same reading stands in the journal already. */
final class AlreadyInJournal extends DomainException
{
    public static function entry(Entry $entry, UnitSystem $units): self
    {
        return new self("“{$entry->payload->summary($units)}” at that minute is in the journal already.");
    }
}
