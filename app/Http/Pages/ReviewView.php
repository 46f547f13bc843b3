<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Path\Review\NitrateTaken;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\ThreeStages;
use Ithys\Path\Sizing\Need;
use Ithys\Path\Sizing\Power;
use Ithys\Path\Sizing\Sizing;
use Ithys\Path\Stage;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;
use Ithys\System\Setup;

/** A path as its keeper reads it: findings, the flow at every item, the three stages, and what it takes. */
final class ReviewView
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup, Path $path, Words $words, float $pricePerKilowattHour): array
    {
        $setup = $setup->along($path);
        $here = $setup->situationAlong($path);
        $sizing = Sizing::of($here, $pricePerKilowattHour);
        $power = new Power($here);
        $items = [];
        foreach ($path->items() as $item) {
            $items[$item->id] = [
                'flow' => $here->course->flowAt($item),
                'brief' => $words->say($item->brief($here->assumptions)),
                'watts' => $power->watts($item),
                'computed' => (object) self::computed($setup, $item, $words),
            ];
        }

        return [
            'findings' => FindingView::all(Review::of($here)->findings, $words),
            'items' => (object) $items,
            'stages' => ThreeStages::of($path),
            'lacking' => (object) (NitrateTaken::phosphateAlone($path) === []
                ? []
                : [Stage::Uptake->value => 'phosphate only']),
            'workingLitres' => $here->workingLitres,
            'flowLitresPerHour' => $here->litresPerHour,
            // What the drawn sump computes is shown and not asked.
            'computedFlow' => $setup->litresPerHour()?->isComputed() === true
                    ? $words->say(Quantity::perHour($setup->litresPerHour()->value))
                    : null,
            'sizing' => [
                'needs' => array_map(static fn (Need $need): array => self::need($need, $words), $sizing->needs),
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

    /** @return array<string, mixed> */
    private static function need(Need $need, Words $words): array
    {
        return [
            'code' => $need->code,
            'what' => $words->say($need->what),
            'amount' => $words->say($need->amount),
            'why' => $words->say($need->why),
            'basis' => $need->basis === null ? null : AssumptionView::of($need->basis, $words),
            'at' => $need->at,
        ];
    }

    /** @return array<string, string> figures of the item that the drawn sump computes, by their key, in words */
    private static function computed(Setup $setup, Item $item, Words $words): array
    {
        [$key, $fact, $dimension] = match ($item->kind) {
            Kind::Heater => [Figure::Cover->value, $setup->heaterCoverMm($item), Dimension::Length],
            Kind::ReturnPump => [Figure::GivesUp->value, $setup->givesUpLitres($item), Dimension::Volume],
            default => ['', null, Dimension::Length],
        };

        return $fact !== null && $fact->isComputed()
            ? [$key => $words->say(Quantity::base($fact->value, $dimension))]
            : [];
    }
}
