<?php

declare(strict_types=1);

namespace Ithys;

use Ithys\Quantity\Text;

/** Why a finding holds and what would mend it. */
final readonly class Advice
{
    public function __construct(
        public Text $reason,
        public ?Text $fix,
        /** Whose rule it is, where keepers disagree. */
        public ?Text $school,
    ) {
    }
}
