<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\PowerCut;
use Ithys\Journal\Entry;
use Ithys\Journal\Stock\Stock;
use Ithys\Journal\Stock\StockKind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;

/** What a power cut does to a tank, how long its oxygen lasts, and which battery bridges it. */
final class PowerCutView
{
    private const HOURS = [2, 6, 12, 24];

    /** @return array<string, mixed> */
    public static function of(System $system, Words $words, DateTimeImmutable $now): array
    {
        $cut = PowerCut::of($system->setupAt($now), $system->assumptions(), self::grams($system, $now));

        return [
            'oxygen' => $words->say($cut->says()),
            'missing' => $cut->hours === null ? 'stock 250 g' : null,
            'first' => $cut->first(),
            'hours' => self::HOURS,
            'batteries' => array_map(static fn (string $what, float $watts): array => [
                'what' => $what,
                'watts' => Quantity::significant($watts, 2),
                'ampereHours' => array_map(
                    static fn (int $hours): float => Quantity::significant($cut->ampereHours($watts, $hours), 2),
                    self::HOURS,
                ),
            ], array_keys($cut->watts), array_values($cut->watts)),
            'generator' => $cut->generator() === null ? null : $words->say($cut->generator()),
            'cautions' => PowerCut::CAUTIONS,
        ];
    }

    /** What the animals weigh by the last word on it; null where there is none. */
    private static function grams(System $system, DateTimeImmutable $now): ?float
    {
        $said = array_filter(
            array_map(
                static fn (Entry $one): mixed => $one->payload,
                (new Journal($system))->ofKinds([StockKind::KEY], $now),
            ),
            static fn (mixed $one): bool => $one instanceof Stock && $one->days === null,
        );
        $last = end($said);

        return $last instanceof Stock ? $last->grams : null;
    }
}
