<?php

declare(strict_types=1);

namespace Ithys\Dosing;

use Ithys\Media\Uptake;

/**
 * How much of a medium brings phosphate down to a wanted level and keeps it there, as a first portion and weekly steps:
 * over a hundred tanks that differ in what the medium holds, how fast it works, and what comes in. No fixed amount
 * holds a level for eight weeks, so the rest is given by what is read.
 *
 * Source: the method for charges that ships with the project, tried out on simulated charges of other physics; the
 * spreads are estimates of ours.
 */
final readonly class Budget
{
    /** The middle of each fifth of a normal distribution. */
    private const FIFTHS = [-1.28, -0.52, 0.0, 0.52, 1.28];

    /** Spread of the log of what the medium holds, and of how fast water reaches it. */
    private const CAPACITY = 0.4;

    private const SPEED = 0.35;

    /** What pulls the water back to where it was, and what rock exchanges with it, of the water a day. */
    private const TANKS = [[0.03, 0.03], [0.06, 0.06], [0.12, 0.12], [0.3, 0.25]];

    /** Of what is on rock, that follows the water in a day. */
    private const ROCK = 0.02;

    /** Days over which the lowest level is looked at. */
    private const LOWEST = 21.0;

    /** What the lowest level may come to, of the wanted one; and the level after a week, of the first. */
    private const DIP = 0.8;

    private const WEEK_LEFT = 0.5;

    /** Of the wanted level, above which more goes in, and under which the oldest comes out. */
    public const MORE_ABOVE = 1.15;

    public const LESS_UNDER = 0.8;

    /** Of the whole amount, that is given first. */
    private const FIRST = 0.6;

    /** The most that is looked at, g a litre of the tank. */
    private const MOST = 10.0;

    private const HALVINGS = 12;

    /** How far the model may be off beside, as a log: at the end, on average, and at the lowest. */
    private const MISFIT = ['end' => 0.45, 'mean' => 0.35, 'lowest' => 0.3];

    /**
     * @param  array{float, float, float}  $end  ppm with the first portion on the last day: middle, and 80 % of tanks
     * @param  array{float, float, float}  $lowest  ppm at the lowest in three weeks: the same
     */
    private function __construct(
        /** g that are given first. */
        public float $firstGrams,
        /** g in all, before what is read says more. */
        public float $grams,
        public array $end,
        public array $lowest,
        /** Whether this much reaches the wanted level on the last day. */
        public bool $reaches,
        /** mg a g that the first portion holds on the last day. */
        public float $loading,
    ) {
    }

    /**
     * @param  array{float, float, float, float}  $figures  most held mg a g, affinity L a mg, film L a day and g, pores
     *   a day
     * @param  float  $contact  how well it meets the water, of what a reactor gives
     * @param  float  $flow  L a day through its vessel
     * @param  float  $litres  net water volume
     * @param  float  $level  ppm of phosphate now
     * @param  float  $wanted  ppm after so many days
     * @return ?self null where the water is at the wanted level already
     */
    public static function of(
        array $figures,
        float $contact,
        float $flow,
        float $litres,
        float $level,
        float $wanted,
        float $days,
    ): ?self {
        if ($wanted >= $level || $flow <= 0.0) {
            return null;
        }
        $run = static fn (float $grams, float $for): array => self::tanks(
            $figures,
            $contact,
            $flow,
            $litres,
            $level,
            $grams,
            $for,
        );
        // What is not too much; and of that, what is enough.
        $grams = self::atMost(self::MOST * $litres, static function (float $grams) use ($run, $level, $wanted): bool {
            $tanks = $run($grams, self::LOWEST);

            return self::point($tanks['lowest'], 0.1) >= self::DIP * $wanted
                && self::point($tanks['week'], 0.1) >= self::WEEK_LEFT * $level;
        });
        $reaches = self::point($run($grams, $days)['end'], 0.5) <= $wanted;
        if ($reaches) {
            $grams = self::atMost(
                $grams,
                static fn (float $grams): bool => self::point($run($grams, $days)['end'], 0.5) > $wanted,
            );
        }
        $first = $run(self::FIRST * $grams, $days);

        return new self(
            self::FIRST * $grams,
            $grams,
            self::range($first['end'], 'end'),
            self::range($first['lowest'], 'lowest'),
            $reaches,
            self::point($first['held'], 0.5) / max(1e-9, self::FIRST * $grams),
        );
    }

    /** @param  list<float>  $values */
    private static function point(array $values, float $share): float
    {
        sort($values);

        return $values[(int) floor($share * (count($values) - 1))];
    }

    /**
     * @param  list<float>  $values
     * @return array{float, float, float}
     */
    private static function range(array $values, string $of): array
    {
        return [
            self::point($values, 0.5),
            self::point($values, 0.1) * exp(-self::MISFIT[$of]),
            self::point($values, 0.9) * exp(self::MISFIT[$of]),
        ];
    }

    /**
     * The greatest amount up to another for which something holds, g.
     *
     * @param  callable(float): bool  $holds
     */
    private static function atMost(float $high, callable $holds): float
    {
        $low = 0.0;
        if ($holds($high)) {
            return $high;
        }
        for ($n = 0; $n < self::HALVINGS; $n++) {
            // Amounts differ by their ratio; the first looks are far apart.
            $middle = $low > 0.0 ? sqrt($low * $high) : $high / 32;
            $holds($middle) ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    /**
     * @param  array{float, float, float, float}  $figures
     * @return array{end: list<float>, week: list<float>, lowest: list<float>, held: list<float>} by tank
     */
    private static function tanks(
        array $figures,
        float $contact,
        float $flow,
        float $litres,
        float $level,
        float $grams,
        float $days,
    ): array {
        $all = ['end' => [], 'week' => [], 'lowest' => [], 'held' => []];
        foreach (self::FIFTHS as $capacity) {
            foreach (self::FIFTHS as $speed) {
                $one = [$figures[0] * $grams * exp(self::CAPACITY * $capacity), $figures[1], $figures[3]];
                $clears = exp(self::SPEED * $speed)
                    * Uptake::clearing($figures[2], $grams, $figures[2] * $grams, $contact, $flow);
                foreach (self::TANKS as $tank) {
                    foreach (self::run($one, $clears, $tank, $litres, $level, $days) as $what => $value) {
                        $all[$what][] = $value;
                    }
                }
            }
        }

        return $all;
    }

    /**
     * @param  array{float, float, float}  $medium  mg it holds at most, affinity, pores a day
     * @param  float  $clears  L a day at most
     * @param  array{float, float}  $tank
     * @return array{end: float, week: float, lowest: float, held: float}
     */
    private static function run(
        array $medium,
        float $clears,
        array $tank,
        float $litres,
        float $level,
        float $days,
    ): array {
        [$most, $affinity, $pores] = $medium;
        [$back, $rock] = $tank;
        $water = $stone = $lowest = $week = $end = $level;
        $held = $day = $ended = 0.0;
        $until = max(self::LOWEST, $days);
        while ($day < $until - 1e-9) {
            // Fine while the water moves, coarser once it is near rest; each step is stable by itself.
            $step = $day < 7.0 ? 1 / 6 : ($day < 28.0 ? 0.5 : 1.0);
            $room = $pores * ($most * $affinity * $water / (1 + $affinity * $water) - $held);
            $takes = Uptake::rate($clears * $water, $room);
            $rate = max(-0.5 / $step, $takes / ($litres * max(1e-9, $water)));
            $next = ($water + $step * ($back * $level + $rock * $stone)) / (1 + $step * ($back + $rock + $rate));
            $held += $step * $rate * $litres * $next;
            $stone += $step * self::ROCK * ($next - $stone);
            $water = $next;
            $day += $step;
            $week = $day <= 7.0 + 1e-9 ? $water : $week;
            $lowest = $day <= self::LOWEST + 1e-9 ? min($lowest, $water) : $lowest;
            [$end, $ended] = $day <= $days + 1e-9 ? [$water, $held] : [$end, $ended];
        }

        return ['end' => $end, 'week' => $week, 'lowest' => $lowest, 'held' => $ended];
    }
}
