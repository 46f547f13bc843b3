<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/**
 * All ways in which a charge may have gone, run by the day.
 *
 * Source: the method for charges that ships with the project, items 2 and 3.
 */
final readonly class Grid
{
    private const CAPACITIES = 11;

    private const CAPACITY_ENDS = 1.4;

    private const SPEEDS = 7;

    private const SPEED_ENDS = 1.05;

    private const SPEED_SPREAD = 0.43;

    /** How slow pores may be, and how probable that is of what goes right. */
    private const SLOW = 0.2;

    private const SLOW_WEIGHT = 0.4;

    /** Of its contact that is left where water bypasses it from the start, and how probable that is. */
    private const BYPASS = 0.3;

    private const BYPASSED = [0.11, 0.22];

    /** Of its contact that is left once water has cut a channel, and days in which one is as good as sure. */
    private const CHANNEL = 0.12;

    private const CHANNEL_DAYS = 250.0;

    private const CHANNELS = 6;

    /** Days that it is run on. */
    public const AHEAD = 250;

    private const WEEK = 7;

    private const SOONEST = 6;

    /** Most of a fresh one's uptake that counts. */
    private const MOST_SHARE = 1.2;

    /** Days on either side over whose mean pores fill. */
    private const SMOOTH = 7;

    private function __construct(
        private Vessel $vessel,
        private int $age,
        private float $exhaustedUnder,
    ) {
    }

    /**
     * @param  int  $age  days up to now, or to when it came out
     * @param  array{float, float}  $capacity  mean and spread of the log of what it holds, beforehand
     * @param  float  $exhaustedUnder  share of a fresh one's uptake
     * @return list<Cell>
     */
    public static function of(
        Vessel $vessel,
        PhosphateLevel $level,
        int $age,
        array $capacity,
        float $exhaustedUnder,
    ): array {
        $grid = new self($vessel, $age, $exhaustedUnder);
        $days = $vessel->out === null ? $age + self::AHEAD : $age;
        $levels = array_map(static fn (int $day): float => $level->on($vessel->in + $day), range(0, $days));
        $full = $grid->full($levels);
        $cells = [];
        foreach ($grid->courses() as [$weight, $bypass, $slow, $channel]) {
            for ($c = 0; $c < self::CAPACITIES; $c++) {
                $holds = self::CAPACITY_ENDS * (2 * $c / (self::CAPACITIES - 1) - 1);
                for ($k = 0; $k < self::SPEEDS; $k++) {
                    $speed = self::SPEED_ENDS * (2 * $k / (self::SPEEDS - 1) - 1);
                    $cells[] = new Cell(
                        $capacity[0] + $holds,
                        $speed,
                        log($weight) - $holds ** 2 / (2 * $capacity[1] ** 2)
                            - $speed ** 2 / (2 * self::SPEED_SPREAD ** 2),
                        $grid->run($capacity[0] + $holds, $speed, [$bypass, $slow, $channel], $levels, $full),
                    );
                }
            }
        }

        return $cells;
    }

    /**
     * What it takes by day where nothing goes wrong.
     *
     * @return list<float> mg, from the day it goes in up to the last that is asked for
     */
    public static function plain(
        Vessel $vessel,
        PhosphateLevel $level,
        int $age,
        float $capacity,
        float $speed,
    ): array {
        $grid = new self($vessel, $age, 0.0);
        $levels = array_map(static fn (int $day): float => $level->on($vessel->in + $day), range(0, $age));

        return $grid->run($capacity, $speed, [1.0, 1.0, null], $levels, $grid->full($levels))->takes;
    }

    /** @return list<array{float, float, float, ?int}> probability, contact, speed of pores, and the day of a channel */
    private function courses(): array
    {
        $bypass = self::BYPASSED[$this->vessel->isReactor ? 1 : 0];
        $channel = $this->vessel->isReactor ? (1 - $bypass) * -expm1(-$this->age / self::CHANNEL_DAYS) : 0.0;
        $plain = 1 - $bypass - $channel;
        $courses = [
            [$plain / (1 + self::SLOW_WEIGHT), 1.0, 1.0, null],
            [$plain * self::SLOW_WEIGHT / (1 + self::SLOW_WEIGHT), 1.0, self::SLOW, null],
            [$bypass, self::BYPASS, 1.0, null],
        ];
        for ($n = 0; $n < self::CHANNELS && $channel > 0.0; $n++) {
            $courses[] = [
                $channel / self::CHANNELS,
                1.0,
                1.0,
                (int) floor($this->age * ($n + 0.5) / self::CHANNELS),
            ];
        }

        return $courses;
    }

    /**
     * mg that it comes to hold at the level around each day, were it of the usual kind.
     *
     * @param  list<float>  $levels
     * @return list<float>
     */
    private function full(array $levels): array
    {
        $full = [];
        $most = count($levels) - 1;
        foreach (array_keys($levels) as $day) {
            [$from, $to] = [max(0, $day - self::SMOOTH), min($most, $day + self::SMOOTH)];
            $mean = array_sum(array_slice($levels, $from, $to - $from + 1)) / ($to - $from + 1);
            $full[] = $this->vessel->full($mean);
        }

        return $full;
    }

    /**
     * @param  array{float, float, ?int}  $course  contact, speed of pores, and the day of a channel
     * @param  list<float>  $levels  ppm by day
     * @param  list<float>  $full  mg by day
     */
    private function run(
        float $capacity,
        float $speed,
        array $course,
        array $levels,
        array $full,
    ): Run {
        [$contact, $slow, $channel] = $course;
        $times = exp($capacity);
        $clears = $this->vessel->clears * exp($speed) * $contact;
        $pores = $this->vessel->pores * $slow;
        $takes = $shares = $fresh = [];
        $held = $heldNow = $sum = $freshSum = 0.0;
        $exhausted = null;
        foreach ($levels as $day => $level) {
            $cut = $channel !== null && $day >= $channel ? self::CHANNEL : 1.0;
            $film = $clears * $cut * $level;
            $fills = $pores * $cut;
            $most = $times * $full[$day];
            $today = 0.0;
            for ($half = 0; $half < 2; $half++) {
                $room = $fills * ($most - $held);
                $rate = $film * $room / sqrt($film * $film + $room * $room + 1e-300);
                $held += $rate / 2;
                $today += $rate / 2;
            }
            $film = $clears * $level;
            $room = $pores * $most;
            $new = $film * $room / sqrt($film * $film + $room * $room + 1e-300);
            $takes[] = $today;
            $fresh[] = $new;
            $sum += $today - ($takes[$day - self::WEEK] ?? 0.0);
            $freshSum += $new - ($fresh[$day - self::WEEK] ?? 0.0);
            $share = $freshSum > 0.0 ? max(0.0, min(self::MOST_SHARE, $sum / $freshSum)) : 1.0;
            $shares[] = $share;
            $heldNow = $day <= $this->age ? $held : $heldNow;
            if ($exhausted === null && $day >= self::SOONEST && $share < $this->exhaustedUnder) {
                $exhausted = $day;
            }
            if ($day >= $this->age && $exhausted !== null) {
                break;
            }
        }
        $isCut = $channel !== null && $channel <= $this->age;

        return new Run(
            array_slice($takes, 0, $this->age + 1),
            array_slice($shares, 0, $this->age + 1),
            $heldNow,
            $exhausted,
            $fresh[$this->age],
            $times * $full[$this->age],
            $isCut || $contact < 1.0,
            exp($speed) * $contact * ($isCut ? self::CHANNEL : 1.0),
        );
    }
}
