<?php

declare(strict_types=1);

namespace Ithys\Media;

/** Organic carbon raised slowly: a dose a day for each week, up to a full one that follows the water of the tank. */
final readonly class Ramp
{
    private const WEEKS = 8;

    /** @param  list<float>  $doses  mL a day, week by week */
    private function __construct(public array $doses)
    {
    }

    /**
     * From what is given already; where that is a full dose or more, it goes on as it is.
     *
     * @param  float  $full  mL a day at the end
     * @param  float  $given  mL a day now
     */
    public static function to(float $full, float $given = 0.0): self
    {
        return new self(array_map(
            static fn (int $week): float => $given + max(0.0, $full - $given) * $week / self::WEEKS,
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

    /** The next step well above a dose, mL a day; the dose itself where none is. */
    public function after(float $dose): float
    {
        foreach ($this->doses as $step) {
            // What was measured for a step may be a little less.
            if ($step > 1.05 * $dose) {
                return $step;
            }
        }

        return $dose;
    }
}
