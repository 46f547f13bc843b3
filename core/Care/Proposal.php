<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\ChoreWord\Chore;

/** Another interval for a chore, which its keeper may take or leave. */
final readonly class Proposal
{
    public function __construct(
        public Chore $chore,
        /** Days now. */
        public int $now,
        /** Days proposed. */
        public int $days,
        /** What speaks for it. */
        public string $because,
    ) {
    }

    /** Minutes a week that it takes more; fewer where negative. */
    public function minutesMore(float $minutes): float
    {
        return 7 * $minutes * (1 / $this->days - 1 / $this->now);
    }
}
