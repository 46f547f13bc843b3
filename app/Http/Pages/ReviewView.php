<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Path\Review\ThreeStages;
use Ithys\Path\Sizing\Need;
use Ithys\Path\Sizing\Sizing;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\System\Setup;

/** A path as its keeper reads it: findings, the flow at every item, the three stages, and what it takes. */
final class ReviewView
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup, Path $path, UnitSystem $units, float $pricePerKilowattHour): array
    {
        $setup = $setup->along($path);
        $here = new Situation($path, $setup->described, $units, $setup->drawn);
        $sizing = Sizing::of($here, $pricePerKilowattHour);
        $items = [];
        foreach ($path->items() as $item) {
            $items[$item->id] = [
                'flow' => $here->course->flowAt($item),
                'brief' => $item->brief(),
                'watts' => $item->watts(),
                'computed' => (object) self::computed($setup, $item, $units),
            ];
        }

        return [
            'findings' => array_map(
                static fn (Finding $finding): array => $finding->toArray(),
                Review::of($here)->findings,
            ),
            'items' => (object) $items,
            'stages' => ThreeStages::of($path),
            'workingLitres' => $here->workingLitres,
            'flowLitresPerHour' => $here->litresPerHour,
            // What the drawn sump computes is shown and not asked.
            'computedFlow' => $setup->litresPerHour()?->isComputed() === true
                    ? $units->format($setup->litresPerHour()->value, Dimension::Flow, 0)
                    : null,
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

    /** @return array<string, string> figures of the item that the drawn sump computes, by their key, in words */
    private static function computed(Setup $setup, Item $item, UnitSystem $units): array
    {
        [$key, $fact, $dimension] = match ($item->kind) {
            Kind::Heater => [Figure::Cover->value, $setup->heaterCoverMm($item), Dimension::Length],
            Kind::ReturnPump => [Figure::GivesUp->value, $setup->givesUpLitres($item), Dimension::Volume],
            default => ['', null, Dimension::Length],
        };

        return $fact !== null && $fact->isComputed() ? [$key => $units->format($fact->value, $dimension)] : [];
    }
}
