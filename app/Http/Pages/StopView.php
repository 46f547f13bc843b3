<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Forecast\Advice\Foam;
use Ithys\Forecast\Advice\FoamCause;
use Ithys\Forecast\Advice\Skimming;
use Ithys\Forecast\SockCurve;
use Ithys\History\Timeline\FleeceUse;
use Ithys\Journal\Entry;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;

/** How one stop of the water is doing, by the journal and what the model has learned. */
final class StopView
{
    /** Days of the journal that are looked at. */
    private const DAYS = 731;

    /** @return array<string, mixed> null for what the stop is not */
    public static function of(System $system, Item $item, User $keeper, DateTimeImmutable $now): array
    {
        $entries = (new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now);

        return [
            'missing' => null,
            'sock' => $item->kind === Kind::Sock ? self::sock($system, $now) : null,
            'roller' => $item->kind === Kind::Roller ? self::roller($system, $entries, $keeper->words(), $now) : null,
            'skimmer' => $item->kind === Kind::Skimmer ? self::skimmer($entries, $keeper->words(), $now) : null,
        ];
    }

    /** @return array<string, mixed> shares of the level in per cent, less than without a sock */
    private static function sock(System $system, DateTimeImmutable $now): array
    {
        $mark = (new FitShelf($system))->mark();

        return Kept::of($system, "sock {$mark}", $now, static function () use ($system, $now): array {
            ['outlook' => $outlook, 'missing' => $missing] = ForecastView::outlook($system, $now);
            if ($outlook === null) {
                return ['missing' => $missing, 'curve' => null];
            }
            $curve = SockCurve::of($outlook);
            $point = static fn (array $one): array => [
                $one['every'],
                ...array_map(
                    static fn (array $range): array => array_map(
                        static fn (float $share): float => round(100 * $share, 1),
                        $range,
                    ),
                    [$one['no3'], $one['po4']],
                ),
            ];

            return [
                'missing' => null,
                'curve' => [
                    'weeks' => SockCurve::WEEKS,
                    'verdict' => $curve->verdict()->value,
                    'points' => array_map($point, $curve->points),
                    'present' => $curve->present === null ? null : $point($curve->present),
                ],
            ];
        });
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed> in words; empty days in seconds since 1970
     */
    private static function roller(System $system, array $entries, Words $words, DateTimeImmutable $now): array
    {
        $from = $now->modify('-'.self::DAYS.' days');
        $fleece = FleeceUse::of($entries, $from, (float) self::DAYS);
        $pace = $fleece->pace();
        $length = static fn (float $mm): string => $words->say(Quantity::base($mm, Dimension::Head));
        $empty = $fleece->empty();

        return [
            'pace' => $pace === null ? null : $length($pace),
            'left' => $fleece->leftMm === null ? null : $length($fleece->leftMm),
            'stay' => $words->say(Quantity::base(24 * ($pace === null
                ? $system->assumptions()->value('roller-tau')
                : FleeceUse::stay($pace, $system->assumptions())), Dimension::Hours)),
            'empty' => $empty === null ? null : array_map(
                static fn (float $days): int => $now->getTimestamp() + (int) round(86_400 * $days),
                $empty,
            ),
        ];
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    private static function skimmer(array $entries, Words $words, DateTimeImmutable $now): array
    {
        $skimming = Skimming::of($entries, $now);

        return [
            'offSince' => $skimming->offSince()?->getTimestamp(),
            'foams' => array_map(static fn (Foam $foam): array => [
                'key' => $foam->value,
                'label' => $foam->label(),
                'causes' => array_map(static fn (FoamCause $cause): array => [
                    'what' => $cause->what,
                    'does' => $cause->does,
                    'because' => $cause->because === null ? null : $words->say($cause->because),
                ], $skimming->causes($foam)),
            ], Foam::cases()),
        ];
    }
}
