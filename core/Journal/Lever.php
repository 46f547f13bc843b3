<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Assumption\Assumed;

/** How a kind of entry works on the water, and how it stands in the way of judging another. */
final readonly class Lever
{
    public function __construct(
        public Confounds $confounds,
        /** Whether the effect of a single entry is asked for. One feeding is not; that the routine changes is. */
        public bool $isJudged = true,
        /** How long it takes to act; readings in that time belong to neither side. Null where it acts at once. */
        public ?Assumed $settling = null,
        /** How its use is read over time, where single entries are routine. */
        public ?Usage $usage = null,
        /** Whether an entry says how something stands from then on: on the first day it changes nothing. */
        public bool $isSetting = false,
    ) {
    }
}
