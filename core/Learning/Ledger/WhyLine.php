<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

/** One way in, way out or store in two times, mg a week of an element. */
final readonly class WhyLine
{
    public function __construct(
        public string $key,
        public string $label,
        public float $before,
        public float $since,
        /** By how much more the water gains of it. */
        public float $raises,
        public Origin $origin,
    ) {
    }
}
