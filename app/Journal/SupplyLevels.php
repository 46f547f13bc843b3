<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Supply;
use App\Models\SupplyMove;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Ithys\Care\Socks;
use Ithys\Care\Stock\Consumable;
use Ithys\Care\Stock\Level;
use Ithys\Care\Stock\Move;
use Ithys\Care\Stock\Washing;
use Ithys\Journal\CarbonDose\CarbonDoseKind;
use Ithys\Journal\Care\CareKind;
use Ithys\Journal\Feed\FeedKind;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\SockChange\SockChangeKind;
use Ithys\Journal\WaterChange\WaterChangeKind;

/** The stock of a household, used by the journals of all tanks that share it. */
final class SupplyLevels
{
    /** Kinds of entries that use something up, by the first word of a consumable. */
    private const KINDS = [
        'medium' => MediaChargeKind::KEY, 'food' => FeedKind::KEY, 'dose' => CarbonDoseKind::KEY,
        'test' => ReadingKind::KEY, 'salt' => WaterChangeKind::KEY,
    ];

    /** Days before now from which uses are read, where the last count is not older. */
    private const DAYS = 85;

    /** Days back in which the last wash of the socks is looked for. */
    private const WASHES = 120;

    /** @return Collection<int, Supply> of the tanks that somebody may see */
    public static function shared(User $user, ?string $consumable = null): Collection
    {
        $systems = $user->systems()->pluck('systems.id');

        return Supply::query()
            ->whereHas('systems', static fn (Builder $one): Builder => $one->whereIn('systems.id', $systems))
            ->when($consumable !== null, static fn (Builder $all): Builder => $all->where('consumable', $consumable))
            ->with(['systems', 'moves'])->orderBy('name')->orderBy('id')->get();
    }

    public static function level(Supply $supply, DateTimeImmutable $now): Level
    {
        $moves = array_values($supply->moves->map(static fn (SupplyMove $one): Move => Move::of(
            $one->at->toDateTimeImmutable(),
            $one->what,
            $one->amount,
        ))->all());
        $counts = array_filter($moves, static fn (Move $one): bool => $one->what === Move::COUNTED);
        $last = $counts === [] ? $now : end($counts)->at;

        return Level::of(
            $moves,
            self::uses($supply, min($last, $now->modify('-'.self::DAYS.' days')), $now),
            $now,
            $supply->delivery_days,
            self::planned($supply, $now),
        );
    }

    /** Use per day, as the chores of its tanks are due. */
    private static function planned(Supply $supply, DateTimeImmutable $now): float
    {
        $chore = Consumable::named($supply->consumable)?->chore();
        if ($chore === null) {
            return 0.0;
        }
        $sum = 0.0;
        foreach ($supply->systems as $system) {
            $round = TankRounds::of($system, $now)->find($chore);
            $sum += $round?->due === null ? 0.0 : 1 / $round->interval->days;
        }

        return $sum;
    }

    /** Clean, in use and dirty over all tanks that share these socks; null where they cannot be counted. */
    public static function washing(Supply $supply, DateTimeImmutable $now): ?Washing
    {
        return Washing::of(
            array_values($supply->systems->map(static fn (System $one): array => [
                (new Journal($one))->ofKinds(
                    [CareKind::KEY, SockChangeKind::KEY],
                    $now,
                    $now->modify('-'.self::WASHES.' days'),
                ),
                max(1, Socks::holders($one->pathRevisionAt($now)?->path())),
            ])->all()),
            self::level($supply, $now)->left,
        );
    }

    /** @return list<array{DateTimeImmutable, float}> in order of time */
    private static function uses(Supply $supply, DateTimeImmutable $from, DateTimeImmutable $now): array
    {
        $consumable = Consumable::named($supply->consumable);
        if ($consumable === null || ! $consumable->isUsedByJournal()) {
            return [];
        }
        $kind = self::KINDS[explode(' ', $supply->consumable)[0]] ?? CareKind::KEY;
        $uses = [];
        foreach ($supply->systems as $system) {
            foreach ((new Journal($system))->ofKinds([$kind], $now, $from) as $entry) {
                $amount = $consumable->usedBy($entry->payload, $system->assumptions());
                if ($amount > 0.0) {
                    $uses[] = [$entry->at, $amount];
                }
            }
        }
        usort($uses, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $uses;
    }
}
