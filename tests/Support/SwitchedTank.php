<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A tank of known truth in which something is switched on and off: input that balances at 10 ppm of nitrate and
 * wanders in ways that are not the model's own, loss, weekly water changes, a kit with noise and steps. By Euler steps.
 */
final class SwitchedTank
{
    /** Ways of a tank: loss a day, drift (OU), walk, season, memory of the kit, scatter of the food. */
    public const WAYS = [
        'quiet' => [],
        'drifting' => ['loss' => 0.02, 'drift' => 0.15],
        'walking' => ['loss' => 0.02, 'walk' => 0.02],
        'seasons' => ['loss' => 0.02, 'season' => 0.06],
        'a rhythm of four weeks' => ['loss' => 0.02, 'rhythm' => 0.15],
        'noise with memory' => ['memory' => 0.6],
        'scattered food' => ['loss' => 0.02, 'scatter' => 0.35],
        'a fast tank' => ['loss' => 0.06],
    ];

    public const LEVEL = 10.0;

    public const LITRES = 300.0;

    private const STEP = 0.25;

    private const NOISE = 0.4;

    /** Of water, each week. */
    private const SHARE = 0.1;

    private const KIT = 0.5;

    /**
     * @param  array<string, float>  $way  as in {@see self::WAYS}
     * @param  list<array{float, float}>  $spans  days on which it is on
     * @param  float  $effect  on the input, ppm a day, while it is on
     * @return list<Entry> readings and water changes from so many days before the start to the end
     */
    public static function journal(
        int $seed,
        array $way,
        array $spans,
        float $effect,
        int $lastDay,
        DateTimeImmutable $start,
        float $every = 3.5,
        float $before = 7.0,
    ): array {
        $random = new Randomizer(new Mt19937($seed));
        $even = static fn (): float => $random->getInt(0, 1_000_000) / 1_000_000;
        $normal = static fn (): float => array_sum(array_map($even, range(1, 12))) - 6;
        $of = static fn (string $key): float => $way[$key] ?? 0.0;
        $balance = $of('loss') * self::LEVEL + self::SHARE * self::LEVEL / 7;
        [$level, $drift, $walk, $kit, $phase] = [self::LEVEL, $of('drift') * $normal(), 0.0, 0.0, 2 * M_PI * $even()];
        $entries = [];
        $next = -$before;
        for ($day = -max(28.0, $before); $day <= $lastDay + 1e-9; $day += self::STEP) {
            $at = $start->modify(sprintf('%+d minutes', (int) round($day * 1440)));
            if ($day >= $next - 1e-9) {
                $kit = $of('memory') * $kit + self::NOISE * sqrt(1 - $of('memory') ** 2) * $normal();
                $read = max(0.0, round(($level + $kit) / self::KIT) * self::KIT);
                $entries[] = new Entry($at, Reading::of(Parameter::Nitrate, $read));
                $next += $every;
            }
            if (abs(fmod($day + 700, 7)) < 1e-9) {
                $level *= 1 - self::SHARE;
                $entries[] = new Entry($at->modify('+1 minute'), WaterChange::of(self::SHARE * self::LITRES));
            }
            $drift += -$drift * self::STEP / 21 + $of('drift') * sqrt(2 * self::STEP / 21) * $normal();
            $walk += $of('walk') * sqrt(self::STEP) * $normal();
            $times = 1 + $drift + $walk + $of('season') * sin(2 * M_PI * $day / 100 + $phase)
                + $of('rhythm') * sin(2 * M_PI * $day / 28 + $phase) + $of('scatter') / sqrt(self::STEP) * $normal();
            $isOn = array_filter($spans, static fn (array $one): bool => $day >= $one[0] && $day < $one[1]) !== [];
            $level += self::STEP * ($balance * $times - $of('loss') * $level + ($isOn ? $effect : 0.0));
            $level = max(0.0, $level);
        }

        return $entries;
    }
}
