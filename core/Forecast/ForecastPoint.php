<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A level ahead, ppm, and between which ends it lies in 80 of 100 cases. */
final readonly class ForecastPoint
{
    public function __construct(
        /** From now. */
        public float $days,
        public float $level,
        public float $low,
        public float $high,
    ) {
    }

    /** No finer than its band: "about 9 ppm (7 to 12)". */
    public function says(): Text
    {
        $finest = (int) -floor(log10(max(1e-9, ($this->high - $this->low) / 4)));
        $figure = static fn (float $ppm): Quantity => Quantity::number(round($ppm, $finest), max(0, $finest));

        return Text::of(
            'about {level} ppm ({low} to {high})',
            level: $figure($this->level),
            low: $figure($this->low),
            high: $figure($this->high),
        );
    }
}
