<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Change;

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
            $really[$isOfSock ? 'sock' : $act->key()][] = $act;
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
}
