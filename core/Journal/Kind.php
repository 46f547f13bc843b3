<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Journal\QuickEntry\Rule;

/**
 * A kind of journal entry: what it holds, how one line says it, how it is drawn, and how it works where it is done to
 * the water.
 */
interface Kind
{
    /** As it is stored. */
    public function key(): string;

    /** @throws InvalidEntry when the stored fields do not fit */
    public function payload(PayloadData $from): Payload;

    /** @return list<Rule> the phrases of the one-line log that make one */
    public function phrases(): array;

    /** @return list<Lane> where its entries stand on the time axis; none for readings */
    public function lanes(): array;

    /** How it works on the water; null for what only says something. */
    public function lever(): ?Lever;
}
