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
use Ithys\Quantity\Text;
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
            'oxygen' => $cut->hours === null
                ? 'How long the oxygen lasts depends on what the animals weigh, and nobody said that yet.'
                : $words->say(Text::of(
                    'With nothing running, oxygen falls from {full} to {least} mg/L in about {hours} hours ({soon} to '
                        .'{late}), if no air comes in through the surface.',
                    full: Quantity::number($cut->saturation, 1),
                    least: Quantity::number($cut->least, 1),
                    hours: self::hours($cut->hours[0]),
                    soon: self::hours($cut->hours[1]),
                    late: self::hours($cut->hours[2]),
                )),
            'missing' => $cut->hours === null ? 'stock 250 g' : null,
            'first' => $cut->hasCanister
                ? 'A sealed canister dies first: its bacteria use up what is in it within the hour. Open it or keep it '
                    .'running; if it stood for long, empty and rinse it before it goes on.'
                : 'Fish and corals suffer first, for want of oxygen. Rock and an open sump last longer.',
            'hours' => self::HOURS,
            'batteries' => array_map(static fn (string $what, float $watts): array => [
                'what' => $what,
                'watts' => $watts,
                'ampereHours' => array_map(
                    static fn (int $hours): float => Quantity::significant($cut->ampereHours($watts, $hours), 2),
                    self::HOURS,
                ),
            ], array_keys($cut->watts), array_values($cut->watts)),
            'cautions' => [
                'Run no generator indoors, in a garage or near a window: its fumes kill.',
                'Give every cord a drip loop, keep plugs and batteries away from water, and use residual-current '
                    .'protection. Follow your local code; wiring is for a licensed electrician.',
                'Charge and vent batteries as their maker says.',
            ],
        ];
    }

    private static function hours(float $hours): Quantity
    {
        return Quantity::number(Quantity::significant($hours, $hours < 10 ? 1 : 2), $hours < 1 ? 1 : 0);
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
