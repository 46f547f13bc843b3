<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\SupplyLevels;
use App\Models\Supply;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Care\Stock\Consumable;
use Ithys\Quantity\Quantity;

/** What a household has of what its tanks use up, how long it lasts, and what to order. */
final class StockView
{
    /** @return array<string, mixed> */
    public static function of(User $keeper, DateTimeImmutable $now): array
    {
        $items = SupplyLevels::shared($keeper)
            ->map(static fn (Supply $one): array => self::item($one, $keeper, $now))->values()->all();

        return [
            'items' => $items,
            'kinds' => array_map(
                static fn (Consumable $one): array => [
                    'key' => $one->key,
                    'label' => $one->label,
                    'unit' => $one->unit,
                ],
                array_values(Consumable::all()),
            ),
            'tanks' => $keeper->systems()->orderBy('systems.id')->get()
                ->filter(static fn (System $one): bool => $keeper->can('design', $one))
                ->map(static fn (System $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all(),
        ];
    }

    /** @return list<array<string, mixed>> what is to be ordered, the most urgent first */
    public static function orders(User $keeper, DateTimeImmutable $now): array
    {
        $items = array_values(array_filter(
            self::of($keeper, $now)['items'],
            static fn (array $one): bool => $one['isToOrder'],
        ));
        usort($items, static fn (array $a, array $b): int => ($a['orderBy'] ?? 0) <=> ($b['orderBy'] ?? 0));

        return $items;
    }

    /** @return array<string, mixed> */
    private static function item(Supply $supply, User $keeper, DateTimeImmutable $now): array
    {
        $level = SupplyLevels::level($supply, $now);
        $consumable = Consumable::named($supply->consumable);
        $unit = $consumable->unit ?? '';
        $ends = $level->ends();
        $packs = $level->packs($supply->per_pack);
        $yearly = $supply->price === null ? null : $level->costAYear($supply->per_pack, $supply->price);
        $round = static fn (float $figure): float => Quantity::significant($figure, 3);

        return [
            'id' => $supply->id,
            'name' => $supply->name,
            'kind' => $supply->consumable,
            'what' => $consumable->label ?? $supply->consumable,
            'size' => $supply->size,
            'place' => $supply->place,
            'unit' => $unit,
            'perPack' => $supply->per_pack,
            'price' => $supply->price,
            'opened' => $supply->opened,
            'bestBefore' => $supply->best_before,
            'isStale' => $supply->best_before !== null && $supply->best_before < $now->format('Y-m-d'),
            'deliveryDays' => $supply->delivery_days,
            'tanks' => $supply->systems->map(static fn (System $one): array => [
                'id' => $one->id,
                'name' => $one->name,
            ])->all(),
            'left' => $level->left === null ? null : $round($level->left),
            'perWeek' => $level->perDay === null ? null : Quantity::significant(7 * $level->perDay, 2),
            'says' => $keeper->words()->say($level->says($unit, $consumable?->isUsedByJournal() ?? false)),
            'isWrong' => $level->missing > 0.0,
            'ends' => $ends === null ? null : array_map(
                static fn (?DateTimeImmutable $at): ?int => $at?->getTimestamp(),
                $ends,
            ),
            'orderBy' => $level->orderBy()?->getTimestamp(),
            'isToOrder' => $level->isToOrder(),
            'packs' => $packs,
            'cost' => $supply->price === null ? null : round($packs * $supply->price, 2),
            'yearly' => $yearly === null ? null : round($yearly),
            'mayCount' => $supply->systems->contains(
                static fn (System $one): bool => $keeper->can('journal', $one),
            ),
            'mayPlan' => $supply->systems->every(static fn (System $one): bool => $keeper->can('design', $one)),
        ];
    }
}
