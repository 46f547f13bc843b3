<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Closure;
use Ithys\History\Charge;
use Ithys\History\Timeline\Done;
use Ithys\History\Timeline\Timeline;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Parameters;

/**
 * What carbon and resin hold of organics, by the model of the tank. No reading teaches it, so its range is what such
 * media differ by.
 */
final class Adsorbing
{
    private const AHEAD = 364.0;

    private const STEP = 3.5;

    /** The log of what such a medium holds, of the usual: likely, low and high of 80 %; our estimate. */
    private const OFF = [0.0, -0.64, 0.64];

    private const WEIGHTS = [0.5, 0.25, 0.25];

    private const TOLERANCE = 1e-4;

    /**
     * @param  list<Charge>  $charges
     * @return array<int, ChargeState> by entry
     */
    public static function of(Timeline $timeline, array $charges): array
    {
        if ($charges === []) {
            return [];
        }
        try {
            $runs = array_map(
                static fn (float $off): array => self::run($timeline, $charges, $off),
                self::OFF,
            );
        } catch (InvalidLever) {
            return [];
        }
        $states = [];
        foreach ($charges as $charge) {
            $states[$charge->entry] = self::state(
                $charge,
                array_map(static fn (array $run): array => $run[$charge->entry], $runs),
                $timeline,
            );
        }

        return $states;
    }

    /**
     * @param  list<Charge>  $charges
     * @return array<int, list<array{float, float, float}>> day, mg held, and of its room what is free, by entry
     *
     * @throws InvalidLever
     */
    private static function run(Timeline $timeline, array $charges, float $off): array
    {
        $parameters = $usual = Parameters::of($timeline->assumptions);
        foreach ($charges as $charge) {
            $medium = $charge->medium()->value;
            $row = $usual->row('media', $medium) ?? [];
            $most = array_pop($row) ?? 0.0;
            $parameters = $parameters->withRow('media', $medium, [...$row, $most * exp($off)]);
        }
        $end = $timeline->day($timeline->to);
        $isIn = array_filter($charges, static fn (Charge $one): bool => $one->isIn()) !== [];
        $simulation = $timeline->simulation(
            $parameters,
            null,
            $isIn ? $timeline->ahead($timeline->course(), self::AHEAD) : [],
            self::TOLERANCE,
            true,
        );
        $seen = array_fill_keys(array_map(static fn (Charge $one): int => $one->entry, $charges), []);
        $from = max(0.0, $timeline->day($charges[0]->from));
        for ($day = $from; $day <= $end + ($isIn ? self::AHEAD : 0.0); $day += self::STEP) {
            // The moment that is now is always among them.
            $day = $day > $end - self::STEP && $day < $end ? $end : $day;
            $now = $simulation->at($day)->plant->charges;
            foreach ($charges as $charge) {
                $one = $now[Done::name($charge)] ?? null;
                if ($one !== null && $one->isIn) {
                    $most = $one->figures[5] * $one->grams;
                    $seen[$charge->entry][] = [
                        $day,
                        $one->nitrogen,
                        $most > 0.0 ? max(0.0, 1 - $one->nitrogen / $most) : 0.0,
                    ];
                }
            }
        }

        return $seen;
    }

    /**
     * @param  list<array{float, float, float}>  $now  likely, low and high
     * @param  Closure(float): bool  $is
     */
    private static function odds(array $now, Closure $is): float
    {
        $odds = 0.0;
        foreach ($now as $n => [, , $free]) {
            $odds += $is($free) ? self::WEIGHTS[$n] : 0.0;
        }

        return $odds;
    }

    /** @param  list<list<array{float, float, float}>>  $runs  likely, low and high */
    private static function state(Charge $charge, array $runs, Timeline $timeline): ChargeState
    {
        $under = $timeline->assumptions->value('spent-share');
        $moment = static fn (float $day): int => $timeline->read->from->getTimestamp() + (int) round(86_400 * $day);
        $end = $timeline->day($timeline->to);
        $now = array_map(static function (array $run) use ($end): array {
            $known = array_values(array_filter($run, static fn (array $at): bool => $at[0] <= $end + 1e-9));

            return $known === [] ? [$end, 0.0, 1.0] : $known[count($known) - 1];
        }, $runs);
        $gone = array_map(static function (array $run) use ($under): ?float {
            foreach ($run as [$day, , $free]) {
                if ($free < $under) {
                    return $day;
                }
            }

            return null;
        }, $runs);
        $course = array_values(array_filter(
            $runs[0],
            static fn (array $at): bool => $at[0] <= $end + 1e-9,
        ));
        $held = array_column($now, 1);
        sort($held);
        $last = $course[max(0, count($course) - 3)] ?? [$end, 0.0, 1.0];
        $rate = $now[0][0] > $last[0] ? ($now[0][1] - $last[1]) / ($now[0][0] - $last[0]) : 0.0;
        $free = $now[0][2];

        return new ChargeState(
            [$free, $now[1][2], $now[2][2]],
            [$now[0][1], $held[0], $held[2]],
            [
                'room' => $free < 1.0 ? $now[0][1] / (1 - $free) : 0.0,
                'expected' => $now[0][1],
                'rate' => max(0.0, $rate),
                'fresh' => $free > 0.0 ? max(0.0, $rate) / $free : 0.0,
            ],
            $charge->to !== null ? null : array_map(
                static fn (?float $day): ?int => $day === null ? null : $moment($day),
                [$gone[0], $gone[1], $gone[2]],
            ),
            [
                'exhausted' => self::odds($now, static fn (float $free): bool => $free < $under),
                'half' => self::odds($now, static fn (float $free): bool => $free >= 0.5),
                'bypassed' => 0.0,
                'weak' => 0.0,
                'lost' => 0.0,
            ],
            null,
            array_map(static fn (array $at): array => [$moment($at[0]), round($at[2], 4)], $course),
        );
    }
}
