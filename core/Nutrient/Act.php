<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Dose;
use Ithys\Nutrient\Lever\DoseSchedule;
use Ithys\Nutrient\Lever\FeedException;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Meal;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Nutrient\Lever\Stock;
use Ithys\Nutrient\Lever\WaterChange;

/** A lever at its moment. */
final readonly class Act
{
    /** Before all else that is done at the start: what is fitted then has been there before. */
    public const BEFORE = -1.0;

    public function __construct(
        /** Days from the start. */
        public float $day,
        public Lever $lever,
    ) {
    }

    /** Which lever of a course it turns; "other" for what is none of its. */
    public function key(): string
    {
        return match (true) {
            $this->lever instanceof FeedSchedule, $this->lever instanceof FeedException,
            $this->lever instanceof Meal, $this->lever instanceof Stock => 'feed',
            $this->lever instanceof Skimmer => 'skimmer',
            $this->lever instanceof Dose, $this->lever instanceof DoseSchedule => 'doses',
            $this->lever instanceof Algae => 'light',
            $this->lever instanceof WaterChange => 'water',
            $this->lever instanceof Harvest => 'harvest',
            default => 'other',
        };
    }

    /**
     * In the order in which they happen: by time, then by turn, then as entered.
     *
     * @param  list<self>  $acts
     * @return list<self>
     */
    public static function inOrder(array $acts): array
    {
        usort(
            $acts,
            static fn (self $a, self $b): int => [$a->day, $a->lever->turn()] <=> [$b->day, $b->lever->turn()],
        );

        return $acts;
    }
}
