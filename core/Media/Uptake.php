<?php

declare(strict_types=1);

namespace Ithys\Media;

/**
 * How fast a medium takes phosphate up: water brings it through a film, pores take it in, and the slower of the two
 * rules.
 *
 * The model's rates and the grid of charges ask it a million times and write {@see self::rate()} out.
 *
 * Source: the model notes that ship with the project.
 */
final class Uptake
{
    /**
     * L a day that a filling clears at most: what lies in one vessel shares its flow by what each would clear.
     *
     * @param  float  $film  L a day and g
     * @param  float  $together  the film of all fillings in the vessel, L a day
     * @param  float  $contact  how well it meets the water, of what a reactor gives
     * @param  float  $litresPerDay  through the vessel
     */
    public static function clearing(
        float $film,
        float $grams,
        float $together,
        float $contact,
        float $litresPerDay,
    ): float {
        return $together <= 0.0 || $litresPerDay <= 0.0
            ? 0.0
            : $contact * $litresPerDay * -expm1(-$together / $litresPerDay) * $film * $grams / $together;
    }

    /**
     * mg a day.
     *
     * @param  float  $film  mg a day that the film lets through
     * @param  float  $pores  mg a day that pores take, below nought where they give back
     */
    public static function rate(float $film, float $pores): float
    {
        $together = hypot($film, $pores);

        return $together > 0.0 ? $film * $pores / $together : 0.0;
    }
}
