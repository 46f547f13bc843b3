<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\Dose;
use Ithys\Nutrient\Lever\DoseSchedule;
use Ithys\Nutrient\Lever\FeedException;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Meal;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Nutrient\Lever\Stock;
use Ithys\Nutrient\Lever\WaterChange;

/** What was really done after a moment that is past. */
final readonly class Came
{
    /** @param  list<Act>  $acts */
    public function __construct(
        /** The day up to which it is known. */
        public float $until,
        /** How it goes on from there. */
        public Course $onward,
        private array $acts,
    ) {
    }

    /**
     * What is done on a course: a lever that is set otherwise goes its way, each other as it really went, and by habit
     * from where that is no longer known.
     *
     * @param  array<string, list<Act>>  $course  by lever
     * @param  array<string, list<Act>>  $present  as it went before, by lever
     * @param  array<string, list<Act>>  $onward  the same from the end of what is known
     * @return list<Act>
     */
    public function acts(array $course, array $present, array $onward): array
    {
        if ($this->acts === []) {
            return array_merge(...array_values($course));
        }
        $really = [];
        foreach ($this->acts as $act) {
            $isOfSock = $act->lever instanceof Change
                && in_array($act->lever->stage, self::socks([...$present['sock'], ...$course['sock']]), true);
            $really[$isOfSock ? 'sock' : self::lever($act)][] = $act;
        }
        $acts = $really['other'] ?? [];
        foreach ($course as $lever => $own) {
            // Equal values, not the same objects, are meant.
            array_push($acts, ...$own == $present[$lever] ? [...$really[$lever] ?? [], ...$onward[$lever]] : $own);
        }

        return $acts;
    }

    /**
     * @param  list<Act>  $changes
     * @return list<string>
     */
    private static function socks(array $changes): array
    {
        $stages = [];
        foreach ($changes as $act) {
            if ($act->lever instanceof Change) {
                $stages[] = $act->lever->stage;
            }
        }

        return array_values(array_unique($stages));
    }

    /** Which lever of a course an act turns; "other" for what is none of its. */
    private static function lever(Act $act): string
    {
        return match (true) {
            $act->lever instanceof FeedSchedule, $act->lever instanceof FeedException,
            $act->lever instanceof Meal, $act->lever instanceof Stock => 'feed',
            $act->lever instanceof Skimmer => 'skimmer',
            $act->lever instanceof Dose, $act->lever instanceof DoseSchedule => 'doses',
            $act->lever instanceof Algae => 'light',
            $act->lever instanceof WaterChange => 'water',
            $act->lever instanceof Harvest => 'harvest',
            default => 'other',
        };
    }
}
