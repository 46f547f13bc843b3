<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** The outer size of a device, mm. */
final readonly class Size
{
    public function __construct(public float $lengthMm, public float $widthMm, public float $heightMm)
    {
    }
}
