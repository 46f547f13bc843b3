<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use Ithys\Path\Item;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Water\Tank;

/** What the frame around every system screen shows: the name, the water, and the line it runs in. */
final class SystemFrame
{
    /** @return array<string, mixed> */
    public static function of(System $system): array
    {
        $now = now();
        $tank = $system->tankAt($now);
        $volume = $tank->workingVolume();
        $revision = $system->pathRevisionAt($now);

        return [
            'id' => $system->id,
            'name' => $system->name,
            'workingLitres' => $volume->litres,
            'displayLitres' => $volume->displayLitres,
            'flowLitresPerHour' => $tank->filterLitresPerHour,
            'turnoverPerHour' => $volume->turnoverPerHour(),
            'path' => $revision === null ? null : [
                'revision' => $revision->id,
                'since' => $revision->in_force_from->getTimestamp(),
                'draft' => $revision->path_draft_id,
                'stops' => self::stops($revision->path(), $system->revisionAt($now)->tank()),
            ],
        ];
    }

    /** @return list<array<string, mixed>> the stops of the main line, each with the branches that leave it and the tanks that join there */
    private static function stops(Path $path, Tank $tank): array
    {
        $review = Review::of(new Situation($path, $tank, UnitSystem::Metric));
        $stop = static fn (Item $item): array => [
            'id' => $item->id,
            'kind' => $item->kind->value,
            'title' => $item->title(),
            'brief' => $item->brief(),
            'severity' => self::wantsAttention($review->gravestAt($item->id)),
        ];

        return array_map(static fn (Item $item): array => [
            ...$stop($item),
            'branches' => array_map(static fn (Line $line): array => ['title' => $line->title(), 'stops' => array_map($stop, $line->items)],
                array_values(array_filter($path->branches(), static fn (Line $line): bool => ($line->isTank ? $line->to : $line->from) === $item->id))),
        ], $path->main()->items);
    }

    private static function wantsAttention(?Severity $severity): ?string
    {
        return $severity?->isGrave() === true ? $severity->value : null;
    }
}
