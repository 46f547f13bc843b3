<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Finding;
use Ithys\Path\Path;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Plumbing;
use Ithys\Sump\Review\DrainCarries;
use Ithys\Sump\Review\EmergencyCarries;
use Ithys\Sump\Review\OverflowHead;
use Ithys\Sump\Review\PipesMate;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Ithys\Water\Conditions;

/** Sumps in seawater of 25 °C, as the tests look at them. */
final class Sumps
{
    public static function water(): Conditions
    {
        return new Conditions(35, 25);
    }

    public static function here(
        Section $section,
        float $litresPerHour,
        ?float $displayRoomLitres = 20.0,
        Plumbing $plumbing = new Plumbing,
        Workshop $workshop = new Workshop,
    ): Situation {
        return new Situation(
            $section,
            $litresPerHour,
            $displayRoomLitres,
            self::water(),
            $plumbing,
            $workshop,
        );
    }

    public static function review(Section $section, float $litresPerHour, ?float $displayRoomLitres): SumpReview
    {
        return SumpReview::of(self::here($section, $litresPerHour, $displayRoomLitres));
    }

    /** @return list<Finding> what the rules about pipes say */
    public static function plumbing(
        Plumbing $plumbing,
        float $litresPerHour,
        float $fallMm = 20.0,
        ?Path $path = null,
    ): array {
        $section = new Section(
            new Vessel(900, 400, 380, 6),
            new Inside([]),
            new SumpWater(180, 60),
            DrainDown::display(0, $fallMm, 0, 0),
        );
        $here = new Situation($section, $litresPerHour, 20.0, self::water(), $plumbing, path: $path);
        $findings = [];
        foreach ([new DrainCarries, new EmergencyCarries, new OverflowHead, new PipesMate] as $rule) {
            array_push($findings, ...$rule->judge($here));
        }

        return $findings;
    }
}
