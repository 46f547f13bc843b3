<?php

declare(strict_types=1);

namespace App\Journal;

use DomainException;
use Ithys\Journal\Entry;
use Ithys\Quantity\Words;

/** The same reading stands in the journal already. */
final class AlreadyInJournal extends DomainException
{
    public static function entry(Entry $entry, Words $words): self
    {
        return new self("“{$words->say($entry->payload->summary())}” at that minute is in the journal already.");
    }
}
