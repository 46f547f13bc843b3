<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** An estimate with its 95 % interval, mg a day. */
final readonly class Interval
{
    public function __construct(
        public float $estimate,
        public float $low,
        public float $high,
    ) {
    }

    public function times(float $factor): self
    {
        $ends = [$factor * $this->low, $factor * $this->high];

        return new self($factor * $this->estimate, min($ends), max($ends));
    }

    public function liesWithin(float $bound): bool
    {
        return $this->low >= -$bound && $this->high <= $bound;
    }

    /**
     * @return array{
     *   perDay: float, low: float, high: float, ppmPerWeek: float, ppmPerWeekLow: float, ppmPerWeekHigh: float,
     * } mg a day, and ppm a week in this tank
     */
    public function toArray(float $litres): array
    {
        return [
            'perDay' => $this->estimate,
            'low' => $this->low,
            'high' => $this->high,
            'ppmPerWeek' => $this->estimate * 7 / $litres,
            'ppmPerWeekLow' => $this->low * 7 / $litres,
            'ppmPerWeekHigh' => $this->high * 7 / $litres,
        ];
    }
}
