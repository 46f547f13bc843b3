<?php

declare(strict_types=1);

namespace Ithys\Dosing;

/** How a medium meets the water where it lies. */
final readonly class Reach
{
    public function __construct(
        /** How well it meets the water, of what a reactor gives. */
        public float $contact,
        /** Through its vessel. */
        public float $litresPerDay,
        /** Net water volume of the tank. */
        public float $litres,
    ) {
    }
}
