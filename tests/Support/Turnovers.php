<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Finding;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\Turnover;
use Ithys\Water\TurnoverSchool;

/** Turnovers of a bare tank. */
final class Turnovers
{
    public static function judge(?float $litresPerHour, float $litres, TurnoverSchool $school): Finding
    {
        $tank = new Tank(
            Display::volume($litres),
            new BesideDisplay(0, 0),
            new Ground(0, 0),
            new Conditions(35, 25),
            $litresPerHour,
            $school,
        );

        return Turnover::judge($tank, $litres);
    }
}
