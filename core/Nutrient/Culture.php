<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** Algae under a light, as they stand. */
final class Culture
{
    public float $watts = 0.0;

    public float $hours = 0.0;

    public float $daysPerWeek = 7.0;

    /** Share of its full strength. */
    public float $dim = 1.0;

    /** g dry. */
    public float $grams = 0.0;
}
