<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

use Ithys\Quantity\Text;

/** What may stand behind the foam of a skimmer, and what to do about it. */
final readonly class FoamCause
{
    public function __construct(
        public string $what,
        public string $does,
        /** What in the journal points to it; null where nothing does. */
        public ?Text $because = null,
    ) {
    }
}
