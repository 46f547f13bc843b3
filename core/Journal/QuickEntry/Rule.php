<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** One phrase of the grammar. */
interface Rule
{
    /**
     * Reads its phrase at the cursor into the draft and moves on; returns false, cursor untouched, when the phrase is
     * not its own.
     *
     * @throws \Ithys\Journal\InvalidEntry|\Ithys\Quantity\InvalidQuantity when the phrase is its own but cannot hold
     */
    public function read(Tokens $tokens, Draft $draft, Context $context): bool;

    /** @return list<string> the words it starts with, for suggestions */
    public function words(): array;
}
