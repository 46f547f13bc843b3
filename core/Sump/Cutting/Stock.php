<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** A sheet as it is bought. */
final readonly class Stock
{
    public function __construct(public float $lengthMm, public float $widthMm)
    {
    }

    /** @return array{lengthMm: float, widthMm: float} */
    public function toArray(): array
    {
        return ['lengthMm' => $this->lengthMm, 'widthMm' => $this->widthMm];
    }
}
