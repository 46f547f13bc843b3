<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An ordinary half year of a tank whose physics are not the model's, with ten changes in it, as lines of the log. What
 * each change truly did is known: the tank is run once more without it.
 */
final class HalfYear
{
    public const DAYS = 182;

    /** Days between two changes at the least. */
    private const APART = 14;

    private const STEPS = 4;

    /** Days after a change over which it is held beside the tank without it. */
    private const SHOWS = 28;

    private readonly Randomizer $random;

    /** @var list<array{float, string}> day and line of the log */
    public array $lines = [];

    /** @var array<int, string> what was changed, by its day */
    public readonly array $changes;

    /** @var array<string, list<float>> ppm by step */
    private readonly array $levels;

    /** @var array<string, mixed> */
    private array $tank;

    public function __construct(int $seed, private readonly float $litres)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $what = [
            'carbon', 'carbon', 'gfo', 'gfo', 'more food', 'less food', 'sock', 'light', 'vinegar', 'skimmer',
        ];
        $what = $this->random->shuffleArray($what);
        $free = self::DAYS - 24 - self::APART * (count($what) - 1);
        $days = [];
        for ($n = 0; $n < count($what); $n++) {
            $days[] = $this->random->getInt(0, $free);
        }
        sort($days);
        $changes = [];
        foreach ($what as $n => $one) {
            $changes[14 + $days[$n] + self::APART * $n] = $one;
        }
        $this->changes = $changes;
        $this->tank = $this->tank();
        $this->levels = $this->run($this->changes);
        $this->log();
    }

    /** By how much a change moved the level in four weeks, or by the end, as a share of it. */
    public function truth(string $parameter, int $day): float
    {
        $without = $this->run(array_diff_key($this->changes, [$day => true]));
        $at = self::STEPS * min(self::DAYS - 1, $day + self::SHOWS);

        return ($this->levels[$parameter][$at] - $without[$parameter][$at]) / $without[$parameter][$at];
    }

    /** @return array<string, mixed> */
    private function tank(): array
    {
        $level = ['no3' => exp($this->between(log(5), log(18))), 'po4' => exp($this->between(log(0.05), log(0.18)))];
        $scatter = $wander = [];
        $x = 0.0;
        for ($day = 0; $day < self::DAYS; $day++) {
            $x = exp(-1 / 21) * $x + 0.06 * sqrt(1 - exp(-2 / 21)) * $this->normal();
            $scatter[] = exp($x + 0.2 * $this->normal() - 0.02);
        }

        return [
            'level' => $level,
            'fed' => round($this->litres / 300 * $this->between(1.2, 2.4), 1),
            'scatter' => $scatter,
            'water' => round($this->litres * $this->between(0.06, 0.12)),
            'season' => $this->between(0, 2 * M_PI),
            'more' => $this->between(1.3, 1.6),
        ];
    }

    /**
     * @param  array<int, string>  $changes
     * @return array<string, list<float>> ppm by step
     */
    private function run(array $changes): array
    {
        $level = $this->tank['level'];
        $per = ['no3' => 4.43 * 55, 'po4' => 3.07 * 7];
        $half = ['no3' => 2.0, 'po4' => 0.03];
        $input = $most = $organic = [];
        foreach ($level as $key => $one) {
            $input[$key] = 0.7 * $this->tank['fed'] * $per[$key] / $this->litres;
            $most[$key] = max(0.1, 1 - 0.013 * $one / $input[$key]) * $input[$key] * ($one + $half[$key]) / $one;
            $organic[$key] = $input[$key] / 0.25;
        }
        [$fast, $room, $vinegar, $light, $feed, $sock, $off] = [6 * $level['po4'], 0.0, 0.0, 8.0, 1.0, 0.0, 0];
        $levels = ['no3' => [], 'po4' => []];
        for ($step = 0; $step < self::STEPS * self::DAYS; $step++) {
            [$day, $days] = [intdiv($step, self::STEPS), 1 / self::STEPS];
            if ($step % self::STEPS === 0) {
                match ($changes[$day] ?? '') {
                    'gfo' => $room = 4.0,
                    'more food' => $feed *= $this->tank['more'],
                    'less food' => $feed /= $this->tank['more'],
                    'sock' => $sock = 0.08,
                    'light' => $light = 11.0,
                    'vinegar' => $vinegar = 1.0,
                    'skimmer' => $off = $day + 4,
                    default => null,
                };
                foreach ($level as $key => $one) {
                    $organic[$key] += 0.7 * $feed * $this->tank['scatter'][$day] * $this->tank['fed'] * $per[$key]
                        / $this->litres;
                }
                if ($day % 7 === 6) {
                    $share = $this->tank['water'] / $this->litres;
                    $level = array_map(static fn (float $one): float => $one * (1 - $share), $level);
                }
            }
            $rate = 1 + 0.05 * sin($this->tank['season'] + 2 * M_PI * $day / 365);
            $eaten = 0.2 * $vinegar * $level['no3'] / ($level['no3'] + 2) * $days;
            foreach ($level as $key => $one) {
                $freed = 0.25 * $organic[$key] * $days;
                $organic[$key] -= $freed;
                $kept = $freed * (1 - $sock) * ($day < $off ? 1.1 : 1.0);
                $algae = ($light - 8) / 8 * 0.5 * $input[$key] * $one / ($one + $half[$key] / 3);
                $uptake = ($rate * $most[$key] * $one / ($one + $half[$key]) + $algae) * $days;
                $less = $key === 'no3' ? $eaten : 0.05 * $eaten / 4.43 * $one / ($one + 0.02);
                $level[$key] = max(0.02 * $this->tank['level'][$key], $one + $kept - $uptake - $less);
            }
            $swap = 0.15 * (6 * $level['po4'] - $fast) / 6 * $days;
            $fast += 6 * $swap;
            $bound = min($room, 0.15 * $level['po4'] * min(1.0, $room / 0.3) * $days);
            $room -= $bound;
            $level['po4'] = max(0.002, $level['po4'] - $swap - $bound);
            foreach ($level as $key => $one) {
                $levels[$key][] = $one;
            }
        }

        return $levels;
    }

    private function log(): void
    {
        $grams = (int) round(0.25 * $this->litres);
        [$feed, $every, $vinegar, $gfo] = [1.0, 7.0, false, false];
        $next = 3.0;
        for ($day = 0; $day < self::DAYS; $day++) {
            $change = $this->changes[$day] ?? '';
            if ($change === 'gfo' && $gfo) {
                $this->lines[] = [$day + 0.05, 'gfo out of reactor'];
            }
            $gfo = $gfo || $change === 'gfo';
            $line = match ($change) {
                'carbon' => sprintf('activated carbon %d g bag', (int) round(0.2 * $this->litres)),
                'gfo' => "gfo {$grams} g reactor",
                'light' => 'refugium 11 h',
                'skimmer' => 'skimmer off',
                default => null,
            };
            if ($line !== null) {
                $this->lines[] = [$day + 0.06, $line];
            }
            if ($change === 'skimmer') {
                $this->lines[] = [$day + 4.0, 'skimmer on'];
            }
            $feed *= match ($change) {
                'more food' => $this->tank['more'],
                'less food' => 1 / $this->tank['more'],
                default => 1.0,
            };
            $every = $change === 'sock' ? 3.5 : $every;
            $vinegar = $vinegar || $change === 'vinegar';
            if ($day === 0) {
                $this->lines[] = [0.01, 'refugium 8 h'];
            }
            $this->lines[] = [$day + 0.1, sprintf('fed %.1f g pellet', $feed * $this->tank['fed'])];
            if ($vinegar) {
                $this->lines[] = [$day + 0.12, sprintf('vinegar %.0f ml', $this->litres / 25)];
            }
            if ($day >= $next) {
                $this->lines[] = [$day + 0.15, 'sock changed'];
                $next = $day + $every;
            }
            if ($day % 7 === 6) {
                $this->lines[] = [$day + 0.2, sprintf('water change %.0f l', $this->tank['water'])];
            }
            if (in_array($day % 7, [1, 4], true)) {
                $step = self::STEPS * $day;
                $no3 = $this->levels['no3'][$step];
                $po4 = $this->levels['po4'][$step];
                $this->lines[] = [$day + 0.02, sprintf(
                    'no3 %.1f po4 %.2f',
                    max(0.5, round(2 * ($no3 + hypot(0.3, 0.05 * $no3) * $this->normal())) / 2),
                    max(0.01, $po4 + hypot(0.006, 0.05 * $po4) * $this->normal()),
                )];
            }
        }
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000_000) / 1e9;
    }

    private function normal(): float
    {
        return array_sum(array_map(fn (): float => $this->between(0, 1), range(1, 12))) - 6;
    }
}
