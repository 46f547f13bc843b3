<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Text;

/** What one journal entry records, in base units. */
interface Payload
{
    public function kind(): Kind;

    /** @return array<string, bool|float|int|string|null> */
    public function toArray(): array;

    /** The entry in a keeper's words, such as "GFO 120 g, reactor". */
    public function summary(): Text;

    /** The entry as a line of the log, in metric units; it reads back as the same. */
    public function line(): string;

    /** What to mind before doing it, where it can hurt livestock or people. */
    public function caution(): ?string;

    /** What is so much that it is more likely a slip of the pen; null for what a tank of that volume has seen. */
    public function unusual(float $workingLitres): ?Text;

    /** The key of its lane. */
    public function lane(): string;

    /** @param  float  $workingLitres  of the tank on that day */
    public function mark(float $workingLitres): Mark;
}
