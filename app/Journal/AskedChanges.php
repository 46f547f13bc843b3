<?php

declare(strict_types=1);

namespace App\Journal;

use Ithys\Effect\AlsoChanged;
use Ithys\Journal\Entry;
use Ithys\Quantity\Text;

/** Which entries of a journal are changes that a verdict is asked of, and what they are called. */
final readonly class AskedChanges
{
    /** @var array<int, Text> what changed in a routine, by the id of the entry that begins it */
    private array $shifts;

    /** @param  array<int, true>  $described  what was said of the tank on the first day, by id */
    public function __construct(public AlsoChanged $also, private array $described)
    {
        $shifts = [];
        foreach ($also->routines as $change) {
            $shifts[$change->entry ?? 0] = $change->says;
        }
        $this->shifts = $shifts;
    }

    public function has(Entry $entry): bool
    {
        return $this->shift($entry) !== null
            || ($entry->kind()->lever()?->isJudged === true && ! isset($this->described[$entry->id ?? 0]));
    }

    /** What changed in a routine from this entry on; null where it is no such entry. */
    public function shift(Entry $entry): ?Text
    {
        return $this->shifts[$entry->id ?? 0] ?? null;
    }

    public function says(Entry $entry): Text
    {
        return $this->shift($entry) ?? $entry->payload->summary();
    }
}
