<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** How a tank stands when a run begins. */
final readonly class Start
{
    /**
     * @param  array{float, float}  $settled  mg N and P
     * @param  array{float, float}  $organic  mg N and P
     */
    public function __construct(
        /** ppm of the ion. */
        public float $nitrate,
        public float $phosphate,
        /** Phosphate that the rock is in balance with, ppm; null for that of the water. */
        public ?float $rockAtPhosphate = null,
        public array $settled = [0.0, 0.0],
        public array $organic = [0.0, 0.0],
        /** Whether what has settled and the organics are at rest under what is fed and fitted at first. */
        public bool $steady = false,
        /** Phosphorus on rock, times what is in balance. */
        public float $rockFactor = 1.0,
    ) {
    }
}
