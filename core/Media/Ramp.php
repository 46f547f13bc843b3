<?php

declare(strict_types=1);

namespace Ithys\Media;

/** Organic carbon begun slowly: a dose a day for each week, up to a full one that follows the water of the tank. */
final readonly class Ramp
{
    private const WEEKS = 8;

    /** @param  list<float>  $doses  mL a day, week by week */
    private function __construct(public array $doses)
    {
    }

    /** @param  float  $full  mL a day at the end */
    public static function to(float $full): self
    {
        return new self(array_map(
            static fn (int $week): float => $full * $week / self::WEEKS,
            range(1, self::WEEKS),
        ));
    }

    /** @param  list<float>  $doses */
    public static function stored(array $doses): self
    {
        return new self($doses);
    }

    /** mL a day in a week from the start, the first is 0; the last holds on. */
    public function in(int $week): float
    {
        return $this->doses[max(0, min(count($this->doses) - 1, $week))] ?? 0.0;
    }
}
