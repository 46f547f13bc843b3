<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** The water a device asks for over its foot, mm; of a heater the least is its minimum line. Null while not given. */
final readonly class Depth
{
    public function __construct(public ?float $leastMm = null, public ?float $mostMm = null)
    {
    }
}
