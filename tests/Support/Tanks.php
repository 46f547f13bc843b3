<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** Tanks that tests of the pages stand on. */
final class Tanks
{
    /** A box of 250 L to the rim with a sump beside it, at 1,800 L/h. */
    public static function box(): Tank
    {
        return new Tank(
            Display::box(1000, 500, 500, 30),
            new BesideDisplay(40, 5),
            new Ground(10, 20),
            new Conditions(35, 25),
            1800,
            TurnoverSchool::Moderate,
        );
    }
}
