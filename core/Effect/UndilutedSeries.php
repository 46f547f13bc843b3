<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Dilution;

/**
 * The amount of a nutrient the water would hold had no water been changed.
 *
 * Between two readings the net input is taken as steady. Its rate is the one that, cut by the water changes between
 * them, leads from the first reading to the second; that equation is linear, so the rate and the milligrams each change
 * took out are exact. A reading at the same moment as a water change counts as taken before it.
 */
final readonly class UndilutedSeries
{
    /**
     * @param  list<float>  $milligrams  y(t) per observation: what the water holds plus what water changes have taken
     *   out since the first
     * @param  list<float>  $removed  mg taken out by water changes from the first observation up to each
     */
    private function __construct(public array $milligrams, public array $removed)
    {
    }

    /**
     * @param  list<Observation>  $observations  in order of time
     * @param  list<Dilution>  $dilutions  in order of time
     * @param  float  $litres  working volume
     * @param  float  $source  mg/L in the new water
     */
    public static function of(array $observations, array $dilutions, float $litres, float $source = 0.0): self
    {
        $milligrams = [];
        $removed = [];
        $taken = 0.0;
        $next = 0;
        foreach ($observations as $i => $here) {
            if ($i > 0) {
                $before = $observations[$i - 1];
                while (isset($dilutions[$next]) && $dilutions[$next]->day < $before->day) {
                    $next++;
                }
                $between = [];
                while (isset($dilutions[$next]) && $dilutions[$next]->day < $here->day) {
                    $between[] = $dilutions[$next++];
                }
                $taken += $litres * self::takenPerLitre($before, $here, $between, $source);
            }
            $removed[] = $taken;
            $milligrams[] = $litres * $here->mgPerLitre + $taken;
        }

        return new self($milligrams, $removed);
    }

    /** @param  list<Dilution>  $dilutions */
    private static function takenPerLitre(Observation $from, Observation $to, array $dilutions, float $source): float
    {
        if ($dilutions === []) {
            return 0.0;
        }
        // The concentration is held as level + rate × weight, with the rate still unknown.
        $level = $from->mgPerLitre;
        $weight = 0.0;
        $day = $from->day;
        $takenLevel = 0.0;
        $takenWeight = 0.0;
        foreach ($dilutions as $dilution) {
            $weight += $dilution->day - $day;
            $day = $dilution->day;
            $here = $dilution->source ?? $source;
            $takenLevel += $dilution->share * ($level - $here);
            $takenWeight += $dilution->share * $weight;
            $level -= $dilution->share * ($level - $here);
            $weight -= $dilution->share * $weight;
        }
        $weight += $to->day - $day;
        $rate = $weight > 0.0 ? ($to->mgPerLitre - $level) / $weight : 0.0;

        return $takenLevel + $rate * $takenWeight;
    }
}
