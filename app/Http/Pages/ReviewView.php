<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Finding;
use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Path\Review\ThreeStages;
use Ithys\Path\Sizing\Need;
use Ithys\Path\Sizing\Sizing;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Tank;

/** A path as its keeper reads it: findings, the flow at every item, the three stages, and what it takes. */
final class ReviewView
{
    /** @return array<string, mixed> */
    public static function of(Path $path, Tank $tank, UnitSystem $units, float $pricePerKilowattHour): array
    {
        $here = new Situation($path, $tank, $units);
        $sizing = Sizing::of($here, $pricePerKilowattHour);
        $items = [];
        foreach ($path->items() as $item) {
            $items[$item->id] = ['flow' => $here->course->flowAt($item), 'brief' => $item->brief(), 'watts' => $item->watts()];
        }

        return [
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), Review::of($here)->findings),
            'items' => (object) $items,
            'stages' => ThreeStages::of($path),
            'workingLitres' => $here->workingLitres,
            'flowLitresPerHour' => $here->litresPerHour,
            'sizing' => [
                'needs' => array_map(static fn (Need $need): array => $need->toArray(), $sizing->needs),
                'pumps' => $sizing->pumps,
                'sockets' => $sizing->sockets,
                'spareSockets' => $sizing->spareSockets,
                'watts' => $sizing->watts,
                'kilowattHoursAYear' => $sizing->kilowattHoursAYear,
                'costAYear' => $sizing->costAYear,
                'pricePerKilowattHour' => $pricePerKilowattHour,
            ],
        ];
    }
}
