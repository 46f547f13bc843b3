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

    /** g a litre of the tank: the first that is looked at. */
    private const FIRST = 1.0;

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
        // By secants on the reciprocal of the level, which rises nearly straight with the amount; kept between what is
        // too little and what is enough.
        [$low, $high] = [0.0, self::MOST * $outlook->litres];
        [$was, $lacked] = [0.0, 1 / $level - 1 / $none];
        $grams = self::FIRST * $outlook->litres;
        for ($n = 1; ; $n++) {
            $then = self::after($outlook, $fresh, $grams, $days);
            $reached = max(1e-9, $then->phosphate());
            if (abs($reached / $level - 1) < self::NEAR || $n === self::STEPS) {
                break;
            }
            $lacks = 1 / $level - 1 / $reached;
            if ($lacks > 0.0 && $grams >= $high) {
                return $reached;
            }
            $lacks > 0.0 ? $low = $grams : $high = $grams;
            // Where more does nothing, the most is looked at.
            $next = $lacked > $lacks ? $grams + $lacks * ($grams - $was) / ($lacked - $lacks) : INF;
            [$was, $lacked] = [$grams, $lacks];
            $grams = match (true) {
                $next > $low && $next < $high => $next,
                $high < self::MOST * $outlook->litres => ($low + $high) / 2,
                default => $high,
            };
        }
        $now = $outlook->run($outlook->present, $days)->before($outlook->end);
        $held = $then->plant->charges[Fresh::charge($fresh->medium)]->load ?? 0.0;
        $fell = $outlook->litres * ($now->phosphate() - $then->phosphate());
        $gave = Element::Phosphorus->ion() * ($now->plant->rock - $then->plant->rock);

        return new self($grams, $fell, $gave, $held - $fell - $gave, $held / $grams);
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
