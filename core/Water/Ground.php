<?php

declare(strict_types=1);

namespace Ithys\Water;

/** What lies in the display and takes the place of water. */
final readonly class Ground
{
    public function __construct(public float $sandKg, public float $rockKg)
    {
    }
}
