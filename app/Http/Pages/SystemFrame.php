<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\TankCharges;
use App\Journal\TankOff;
use App\Journal\TankRounds;
use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\Round;
use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Quantity\Words;
use Ithys\Severity;
use Ithys\System\Setup;

/** What the frame around every system screen shows: the name, the water, and the line it runs in. */
final class SystemFrame
{
    /** @return array<string, mixed> */
    public static function of(System $system, Words $words): array
    {
        $now = now();
        $setup = $system->setupAt($now);
        $volume = $setup->workingVolume();
        $revision = $system->pathRevisionAt($now);

        return [
            'id' => $system->id,
            'name' => $system->name,
            'workingLitres' => $volume->litres,
            'displayLitres' => $volume->displayLitres,
            'flowLitresPerHour' => $setup->litresPerHour()?->value,
            'turnoverPerHour' => $volume->turnoverPerHour(),
            'path' => $revision === null ? null : [
                'revision' => $revision->id,
                'since' => $revision->in_force_from->getTimestamp(),
                'draft' => $revision->path_draft_id,
                'stops' => self::stops(
                    $revision->path(),
                    $setup,
                    TankCharges::of($system, $now->toDateTimeImmutable())->left(),
                    self::due($system, $revision->path(), $now->toDateTimeImmutable()),
                    $words,
                ),
            ],
        ];
    }

    /**
     * @param  array<string, array{float, bool}>  $left  per cent of life and whether it is spent, by item
     * @param  array<string, string>  $due  when something is to be done there, by item
     * @return list<array<string, mixed>> the stops of the main line, each with the branches that leave it and the tanks
     *   that join there
     */
    private static function stops(Path $path, Setup $setup, array $left, array $due, Words $words): array
    {
        $gravest = self::gravest($path, $setup);
        $stop = static fn (Item $item): array => [
            'id' => $item->id,
            'kind' => $item->kind->value,
            'title' => $item->title(),
            'brief' => $words->say($item->brief($setup->tank->assumptions)),
            'severity' => self::wantsAttention($gravest[$item->id] ?? null)
                ?? (($left[$item->id][1] ?? false) ? Severity::Caution->value : null),
            'left' => $left[$item->id][0] ?? null,
            'due' => $due[$item->id] ?? null,
        ];

        return array_map(
            static fn (Item $item): array => [
                ...$stop($item),
                'branches' => array_map(
                    static fn (Line $line): array => [
                        'title' => $line->title(),
                        'stops' => array_map($stop, $line->items),
                    ],
                    array_values(
                        array_filter(
                            $path->branches(),
                            static fn (Line $line): bool => ($line->isTank ? $line->to : $line->from) === $item->id,
                        ),
                    ),
                ),
            ],
            $path->main()->items,
        );
    }

    /** @return array<string, string> "off", "due today" or "2 days late", by item; the latest where several are */
    private static function due(System $system, Path $path, DateTimeImmutable $now): array
    {
        $today = TankRounds::today($system, $now);
        $due = [];
        foreach (array_reverse(TankRounds::of($system, $now)->due($today)) as $one) {
            foreach ($one->items() as $item) {
                $due[$item] = Round::told($one->due(), $today);
            }
        }
        foreach (TankOff::of($system, $now) as $off) {
            foreach ($off->items($path) as $item) {
                $due[$item->id] = $off->brief($now);
            }
        }

        return $due;
    }

    /**
     * The gravest finding at each item, by the review of the path and by that of the drawn sump. What the sump says of
     * no item stands at the return pump, which is in it.
     *
     * @return array<string, Severity>
     */
    private static function gravest(Path $path, Setup $setup): array
    {
        $items = [];
        foreach ($setup->sump->inside->placed ?? [] as $device) {
            $items[$device->id] = $device->item;
        }
        $pump = $path->itemsOf(Kind::ReturnPump)[0]->id ?? '';
        $found = array_map(
            static fn (Finding $finding): array => [$finding->at ?? '', $finding->severity],
            $setup->situation() === null ? [] : Review::of($setup->situation())->findings,
        );
        foreach ($setup->sumpReview()->findings ?? [] as $finding) {
            $item = $items[$finding->at ?? ''] ?? '';
            $found[] = [$path->find($item) === null ? $pump : $item, $finding->severity];
        }
        $gravest = [];
        foreach ($found as [$item, $severity]) {
            if (! isset($gravest[$item]) || $severity->rank() < $gravest[$item]->rank()) {
                $gravest[$item] = $severity;
            }
        }

        return $gravest;
    }

    private static function wantsAttention(?Severity $severity): ?string
    {
        return $severity?->isGrave() === true ? $severity->value : null;
    }
}
