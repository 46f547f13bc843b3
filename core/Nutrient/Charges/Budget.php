<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use Ithys\Media\Medium;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\Forecast\Outlook;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Snapshot;
use Ithys\Nutrient\Timeline\Fresh;

/**
 * What a charge has to take so that phosphate stands at a wanted level after so many days, and how much of a medium
 * does that: simulated in this tank, on its present course.
 */
final readonly class Budget
{
    /** The most that is looked at, g a litre of the tank. */
    private const MOST = 10.0;

    private const STEPS = 24;

    /** Of the wanted level, that is near enough. */
    private const NEAR = 0.01;

    private function __construct(
        public float $grams,
        /** mg of phosphate that the water loses. */
        public float $fromWater,
        /** mg of phosphate that rock gives. */
        public float $fromRock,
        /** mg of phosphate that comes in over that time beyond all other ways out. */
        public float $comesIn,
        /** mg a g that the charge holds at the end. */
        public float $loading,
    ) {
    }

    /** mg of phosphate that it takes. */
    public function takes(): float
    {
        return $this->fromWater + $this->fromRock + $this->comesIn;
    }

    /**
     * @param  Fresh  $fresh  the medium and where it goes; its amount is what is looked for
     * @param  float  $level  ppm of phosphate after so many days
     * @return self|float the budget; or the level that the tank comes to by itself, where it needs none, or with the
     *   most that was looked at, where no amount does it
     *
     * @throws InvalidLever
     */
    public static function of(Outlook $outlook, Fresh $fresh, float $level, float $days): self|float
    {
        $none = self::after($outlook, $fresh, 0.0, $days)->phosphate();
        if ($none <= $level) {
            return $none;
        }
        [$low, $high] = [0.0, self::MOST * $outlook->litres];
        $most = self::after($outlook, $fresh, $high, $days)->phosphate();
        if ($most > $level) {
            return $most;
        }
        // By the way of Illinois on the logarithm of the level, which falls nearly straight; a third of the runs that
        // halving takes.
        [$above, $below] = [log($none / $level), log(max(1e-9, $most) / $level)];
        for ($n = 0; $n < self::STEPS && $high - $low > 1e-3 * $high; $n++) {
            $next = $low + ($high - $low) * $above / ($above - $below);
            $off = log(max(1e-9, self::after($outlook, $fresh, $next, $days)->phosphate()) / $level);
            if (abs($off) < self::NEAR) {
                $high = $next;
                break;
            }
            if ($off > 0.0) {
                [$low, $above, $below] = [$next, $off, $below / 2];
            } else {
                [$high, $below, $above] = [$next, $off, $above / 2];
            }
        }
        $now = $outlook->run($outlook->present, $days)->before($outlook->end);
        $then = self::after($outlook, $fresh, $high, $days);
        $held = $then->plant->charges[Fresh::charge($fresh->medium)]->load ?? 0.0;
        $fell = $outlook->litres * ($now->phosphate() - $then->phosphate());
        $gave = Element::Phosphorus->ion() * ($now->plant->rock - $then->plant->rock);

        return new self($high, $fell, $gave, $held - $fell - $gave, $held / $high);
    }

    /** @throws InvalidLever */
    private static function after(Outlook $outlook, Fresh $fresh, float $grams, float $days): Snapshot
    {
        $course = $grams > 0.0
            ? $outlook->present->putting(new Fresh($fresh->medium, $grams, $fresh->place, $fresh->litresPerHour))
            : $outlook->present;

        return $outlook->run($course, $days)->before($outlook->end + $days);
    }
}
