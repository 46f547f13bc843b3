<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Media\Medium;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A charge in a made-up tank whose physics are not the model's: another isotherm, another law of resistance in series,
 * rock of two rates, input that wanders. What it truly removes is known; its keeper reads weekly with a common kit.
 */
final class ForeignCharge
{
    public const ROWS = [
        'plain', 'freundlich', 'two sites', 'clogging', 'channel', 'bypass', 'wrong flow', 'kit bias', 'bag',
    ];

    private const BEFORE = 42;

    private const AHEAD = 250;

    public readonly Timeline $timeline;

    /** Of what a fresh one would take, over the last week. */
    public float $share;

    /** Days after it went in; INF where it is later than is run. */
    public float $exhausted = INF;

    private readonly Randomizer $random;

    /** @var array<string, float> */
    private array $world;

    public function __construct(private readonly string $row, int $seed, int $outlets)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $age = $this->random->getInt(14, 90);
        $litres = exp($this->between(log(100), log(700)));
        $isBag = $row === 'bag';
        $flow = exp($this->between(log(30), log(300)));
        $grams = $litres * exp($this->between(log(0.3), log(1.5)));
        $this->world = [
            'litres' => $litres,
            'flow' => 24 * ($isBag ? 6 * $litres : $flow)
                * ($row === 'wrong flow' ? ($this->random->getInt(0, 1) === 0 ? 0.5 : 2.0) : 1.0),
            'contact' => ($isBag ? 0.4 : 1.0) * ($row === 'bypass' ? 0.3 : 1.0),
            'channel' => $row === 'channel' ? $this->between(0.1, 0.9) * $age : INF,
            'clog' => $row === 'clogging' ? $this->between(30, 90) : INF,
            'grams' => $grams,
            'capacity' => exp(0.45 * $this->normal()),
            'speed' => exp(0.4 * $this->normal()),
            'level' => exp($this->between(log(0.04), log(0.35))),
            'back' => exp($this->between(log(0.03), log(0.35))),
            'rock' => $this->between(0.02, 0.3),
            'bias' => $row === 'kit bias' ? exp(0.15 * $this->normal()) : 1.0,
        ];
        [$levels, $takes] = $this->live($age);
        $this->timeline = $this->keep($levels, $takes, $age, $grams, $litres, $isBag ? null : $flow, $outlets);
    }

    /**
     * @return array{list<float>, list<float>} ppm by day from six weeks before, and mg taken by day from the day it
     *   went in
     */
    private function live(int $age): array
    {
        $w = $this->world;
        $water = $slow = $fast = $w['level'];
        $held = [0.0, 0.0];
        $wander = 0.0;
        $levels = $takes = $fresh = [];
        for ($day = -self::BEFORE; $day <= $age + self::AHEAD; $day++) {
            $levels[] = $water;
            $today = $new = 0.0;
            $wander = 0.9 * $wander + 0.06 * $this->normal();
            for ($n = 0; $n < 8; $n++) {
                $took = 0.0;
                if ($day >= 0) {
                    foreach ([0, 1] as $site) {
                        $rate = $this->rate($site, $water, $held[$site], $day + $n / 8);
                        $held[$site] += $rate / 8;
                        $took += $rate;
                        $new += $this->rate($site, $water, 0.0, 0.0) / 8;
                    }
                }
                $water += ($w['back'] * ($w['level'] * (1 + $wander) - $water) - $took / $w['litres']
                    + $w['rock'] * (0.7 * ($fast - $water) + 0.3 * ($slow - $water))) / 8;
                $water = max(0.002, $water);
                $fast += 0.04 * ($water - $fast) / 8;
                $slow += 0.005 * ($water - $slow) / 8;
                $today += $took / 8;
            }
            if ($day >= 0) {
                $takes[] = $today;
                $fresh[] = $new;
                $share = array_sum(array_slice($takes, -7)) / max(1e-9, array_sum(array_slice($fresh, -7)));
                if ($day === $age) {
                    $this->share = max(0.0, $share);
                }
                if ($day >= 6 && $share < 0.2 && is_infinite($this->exhausted)) {
                    $this->exhausted = $day;
                }
            }
        }

        return [$levels, $takes];
    }

    /** mg a day into one of two sites; but for one row the second is empty. */
    private function rate(int $site, float $ppm, float $held, float $day): float
    {
        $w = $this->world;
        $split = $this->row === 'two sites' ? [0.4, 0.6][$site] : [1.0, 0.0][$site];
        if ($split === 0.0) {
            return 0.0;
        }
        $contact = $w['contact'] * ($day >= $w['channel'] ? 0.12 : 1.0) * exp(-$day / $w['clog']);
        $film = $contact * $w['flow'] * -expm1(-2.0 * $w['speed'] * $split * $w['grams'] / $w['flow']) * $ppm;
        $full = $split * $w['grams'] * $w['capacity'] * match ($this->row) {
            'freundlich' => 9.5 * $ppm ** 0.4,
            default => 12.0 * 6.0 * $ppm / (1 + 6.0 * $ppm),
        };
        $pores = ($this->row === 'two sites' ? [0.5, 0.04][$site] : 0.3) * ($full - $held)
            * ($day >= $w['channel'] ? 0.12 : 1.0);

        // Resistances in series, where the model takes the root of squares.
        return abs($film + $pores) < 1e-12 ? 0.0 : ($pores > 0.0 ? $film * $pores / ($film + $pores) : 0.3 * $pores);
    }

    /**
     * @param  list<float>  $levels
     * @param  list<float>  $takes
     */
    private function keep(
        array $levels,
        array $takes,
        int $age,
        float $grams,
        float $litres,
        ?float $flow,
        int $outlets,
    ): Timeline {
        $start = new DateTimeImmutable('2026-01-01 12:00:00Z');
        $at = static fn (float $day): DateTimeImmutable => $start->modify(
            sprintf('%+d seconds', (int) round(86_400 * $day)),
        );
        $plan = Logged::entries([[0, 'feeding plan 1 g pellet a day']])[0];
        $entries = [new Entry($start, $plan->payload)];
        for ($day = 0.0; $day < self::BEFORE + $age; $day += 7) {
            $entries[] = new Entry($at($day), Reading::of(Parameter::Nitrate, 8.0, step: 1.0));
            $entries[] = new Entry($at($day), $this->phosphate($levels[(int) $day]));
        }
        $reactor = new Container('gfo', 'Reactor', Place::Reactor);
        $entries[] = new Entry(
            $at(self::BEFORE + 0.1),
            MediaCharge::grams(Medium::Gfo, $grams, $flow === null ? Place::Bag : $reactor),
            900,
        );
        for ($n = 0; $n < $outlets && $flow !== null; $n++) {
            $day = (int) round($age * ($n + 0.7) / $outlets);
            $in = $levels[self::BEFORE + $day];
            $out = max(0.0, $in - ($takes[$day] ?? 0.0) / $this->world['flow']);
            $entries[] = new Entry(
                $at(self::BEFORE + $day + 0.3),
                Outlet::of($this->phosphate($in)->value, $this->phosphate($out)->value, $reactor),
            );
        }
        usort($entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return Timeline::of(
            $entries,
            [[$start, new Setup(self::tank($litres), $flow === null ? null : self::path($flow))]],
            $at(self::BEFORE + $age + 0.5),
            Assumptions::standard(),
        );
    }

    private function phosphate(float $ppm): Reading
    {
        $read = $this->world['bias'] * $ppm * (1 + 0.06 * $this->normal()) + 0.013 * $this->normal();

        return Reading::of(Parameter::Phosphate, max(0.0, round($read, 2)), step: 0.01);
    }

    private static function path(float $litresPerHour): Path
    {
        return PathDocument::stored([
            'format' => Path::FORMAT, 'schema' => Path::SCHEMA, 'name' => 'Sump', 'style' => 'sump',
            'litresPerHour' => 3000, 'stockNow' => 'medium', 'stockPlanned' => 'medium',
            'lines' => [
                ['id' => 'main', 'items' => [
                    ['id' => 'sock', 'kind' => 'sock'],
                    ['id' => 'pump', 'kind' => 'return-pump'],
                ]],
                ['id' => 'branch', 'from' => 'pump', 'to' => 'sock', 'litresPerHour' => $litresPerHour,
                    'items' => [['id' => 'gfo', 'kind' => 'reactor']]],
            ],
        ]);
    }

    private static function tank(float $litres): Tank
    {
        $side = (1000 * $litres) ** (1 / 3);

        return new Tank(
            Display::box(10 * $side, 10 * $side, 10 * $side, 0),
            new BesideDisplay(0, 0),
            new Ground(0, 0),
            new Conditions(35, 25),
            6 * $litres,
            TurnoverSchool::Moderate,
        );
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * ($this->random->getInt(0, 1 << 30) / (1 << 30));
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, ($this->random->getInt(0, 1 << 30) / (1 << 30)))))
            * cos(2 * M_PI * ($this->random->getInt(0, 1 << 30) / (1 << 30)));
    }
}
