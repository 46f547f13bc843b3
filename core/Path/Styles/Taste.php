<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

/** What the people in a room put up with. */
final readonly class Taste
{
    public function __construct(
        public Tolerance $noise = Tolerance::Some,
        public Tolerance $spill = Tolerance::Some,
        public Skill $skill = Skill::Some,
        /** Whether nothing of the filter may show in the display. */
        public bool $cleanLook = false,
    ) {
    }
}
