<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Story;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWord;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;
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
 * A made-up tank whose physics are not the model's, and whose log is not what was done: uptake that saturates and goes
 * with the seasons, rock of two rates, meals that scatter, kits with steps. What its water truly does is known.
 */
final class ForeignTank
{
    /** What is otherwise in a row of the table, beside the plain one. */
    public const ROWS = [
        'plain', 'coarse kit', 'every 14 days', 'missed logs', 'litres off', 'kit bias', 'silent', 'slips',
        'water stopped', 'feeding changed', 'carbon ramp', 'new gfo', 'gfo in a bag', 'unlogged feeding',
    ];

    /** Days that are known, and that the truth goes on. */
    public const KNOWN = 182;

    private const AHEAD = 84;

    /** Days before the end on which what a row changes is changed. */
    private const CHANGED = 21;

    private const STEPS = 4;

    /** Steps, noise and share of the level of the kits. */
    private const KITS = ['no3' => [0.5, 0.3, 0.05], 'po4' => [0.01, 0.006, 0.05]];

    private const COARSE = ['no3' => [5.0, 1.0, 0.1], 'po4' => [0.05, 0.015, 0.1]];

    private readonly Randomizer $random;

    /** @var array<string, list<float>> ppm by day */
    private array $truth = ['no3' => [], 'po4' => []];

    /** @var list<array{float, Payload}> as it was */
    private array $done = [];

    /** @var list<Entry> as logged */
    private array $entries = [];

    /** @var array<string, float> mg of the ion that a gram of food holds */
    public array $perGram;

    private readonly float $litres;

    private readonly Setup $setup;

    public function __construct(private readonly string $row, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->litres = exp($this->between(log(120), log(700)));
        $this->setup = $this->setup();
        $this->live();
        $this->run();
        $this->read();
        usort($this->entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    }

    public function timeline(?Story $story = null): Timeline
    {
        return Timeline::of(
            $this->entries,
            [[$this->at(0.0), $this->setup]],
            $this->at(self::KNOWN),
            Assumptions::standard(),
            $story,
        );
    }

    /** The level so many days after the last that is known, ppm, as a kit without noise shows it. */
    public function later(string $parameter, int $days): float
    {
        return $this->bias() * $this->truth[$parameter][self::KNOWN + min($days, self::AHEAD - 1)];
    }

    /** The mean of the last four readings, ppm: what a keeper would say without a model. */
    public function lately(string $parameter): float
    {
        $read = [];
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof Reading && $entry->payload->parameter->value === $parameter) {
                $read[] = $entry->payload->value;
            }
        }

        return max(1e-3, array_sum(array_slice($read, -4)) / 4);
    }

    private function setup(): Setup
    {
        $said = $this->litres * ($this->row === 'litres off' ? 0.85 : 1.0);
        $side = (1000 * $said / 0.6) ** (1 / 3);

        return new Setup(new Tank(
            Display::box(10 * $side, 10 * $side, 10 * $side, 20),
            new BesideDisplay(0.1 * $said, 0),
            new Ground($said * 0.03, $said * 0.08),
            new Conditions(35, 25),
            6 * $said,
            TurnoverSchool::Moderate,
        ), Logged::path([
            ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
            ['id' => 'skimmer', 'kind' => 'skimmer'],
            ['id' => 'reactor', 'kind' => 'reactor'],
        ]));
    }

    private function live(): void
    {
        $water = $this->litres * $this->between(0.06, 0.15);
        $feed = $this->litres / 300 * exp($this->between(log(1.0), log(2.5)));
        $sock = $this->random->getInt(4, 9);
        $wander = 0.0;
        $change = self::KNOWN - self::CHANGED;
        for ($day = 0; $day < self::KNOWN + self::AHEAD; $day++) {
            $since = $day >= $change;
            $wander = exp(-1 / 21) * $wander + 0.08 * sqrt(1 - exp(-2 / 21)) * $this->normal();
            $times = match (true) {
                ! $since => 1.0,
                $this->row === 'feeding changed', $this->row === 'unlogged feeding' => 1.5,
                default => 1.0,
            };
            $told = $this->row === 'feeding changed' ? $feed * $times : $feed;
            $isTold = ! ($this->row === 'missed logs' && $this->between(0, 1) < 0.2)
                && ! ($this->row === 'silent' && $day >= self::KNOWN - 28);
            $this->happen(
                $day + 0.4,
                Feed::of($feed * $times * exp($wander + 0.35 * $this->normal() - 0.06), Food::Pellet),
                $isTold ? Feed::of($told, Food::Pellet) : null,
            );
            if ($day % $sock === $sock - 1) {
                $this->happen($day + 0.45, SockChange::of(3), SockChange::of(3));
            }
            if ($day % 7 === 6 && ! ($since && $this->row === 'water stopped')) {
                $this->happen($day + 0.5, WaterChange::of($water), WaterChange::of($water));
            }
            if ($this->row === 'carbon ramp' && $since) {
                // The last step lies in what is known: a forecast is of a course that goes on.
                $ml = $this->litres / 100 * min(3, 1 + intdiv($day - $change, 7));
                $dose = CarbonDose::of(CarbonSource::Vinegar, round($ml, 1));
                $this->happen($day + 0.55, $dose, $this->between(0, 1) < 0.9 ? $dose : null);
            }
            if ($day === $change && $this->row === 'water stopped') {
                $stopped = RoutineWord::stopped(Repeated::Water);
                $this->happen($day + 0.58, $stopped, $stopped);
            }
            if ($day === $change && str_contains($this->row, 'gfo')) {
                $gfo = MediaCharge::grams(
                    Medium::Gfo,
                    round(0.25 * $this->litres),
                    $this->row === 'new gfo' ? Place::Reactor : Place::Bag,
                );
                $this->happen($day + 0.6, $gfo, $gfo);
            }
        }
    }

    private function happen(float $day, Payload $really, ?Payload $logged): void
    {
        $this->done[] = [$day, $really];
        if ($logged !== null && $day < self::KNOWN) {
            $this->entries[] = new Entry($this->at($day), $logged, count($this->entries) + 1);
        }
    }

    /** By fine steps, as ppm; none of it is the model's. */
    private function run(): void
    {
        $level = ['no3' => exp($this->between(log(4), log(20))), 'po4' => exp($this->between(log(0.04), log(0.2)))];
        $fed = array_sum(array_map(
            static fn (array $one): float => $one[1] instanceof Feed ? $one[1]->grams : 0.0,
            $this->done,
        )) / (self::KNOWN + self::AHEAD);
        $perGram = $this->perGram = [
            'no3' => 4.43 * 70 * exp(0.25 * $this->normal()),
            'po4' => 3.07 * 9 * exp(0.25 * $this->normal()),
        ];
        // Uptake is such that the tank is about in balance at its level, less what water changes take.
        $half = ['no3' => 12.0, 'po4' => 0.15];
        $input = $most = $organic = [];
        foreach ($level as $key => $one) {
            $input[$key] = 0.75 * $fed * $perGram[$key] / $this->litres;
            $most[$key] = max(0.2, 1 - 0.015 * $one / $input[$key]) * $input[$key] * ($one + $half[$key]) / $one;
            $organic[$key] = $input[$key] / 0.25;
        }
        [$fast, $slow, $gfo, $film] = [6.0 * $level['po4'], 20.0 * $level['po4'], 0.0, 0.0];
        $season = $this->between(0, 2 * M_PI);
        $next = 0;
        for ($step = 0; $step < self::STEPS * (self::KNOWN + self::AHEAD); $step++) {
            $day = $step / self::STEPS;
            if ($step % self::STEPS === 0) {
                $this->truth['no3'][] = $level['no3'];
                $this->truth['po4'][] = $level['po4'];
            }
            $days = 1 / self::STEPS;
            while (isset($this->done[$next]) && $this->done[$next][0] < $day + $days) {
                $act = $this->done[$next++][1];
                if ($act instanceof Feed) {
                    foreach ($level as $key => $one) {
                        $organic[$key] += 0.75 * $act->grams * $perGram[$key] / $this->litres;
                    }
                } elseif ($act instanceof WaterChange) {
                    $share = $act->shareOf($this->litres);
                    $level = array_map(static fn (float $one): float => $one * (1 - $share), $level);
                } elseif ($act instanceof CarbonDose) {
                    // Bacteria take nitrogen and phosphorus where both are there.
                    $eaten = 0.06 * $act->millilitres / ($this->litres / 100) * $level['no3'] / ($level['no3'] + 2);
                    $level['no3'] = max(0.0, $level['no3'] - $eaten);
                    $level['po4'] = max(0.002, $level['po4'] - 0.06 * $eaten);
                } elseif ($act instanceof MediaCharge) {
                    $gfo = 5.5 * $act->weight(Assumptions::standard()) / $this->litres;
                    $film = $act->place === Place::Reactor ? 0.6 : 0.2;
                }
            }
            $rates = 1 + 0.06 * sin($season + 2 * M_PI * $day / 365);
            foreach ($level as $key => $one) {
                $freed = 0.25 * $organic[$key] * $days;
                $organic[$key] -= $freed;
                $uptake = $rates * $most[$key] * $one / ($one + $half[$key]) * $days;
                $level[$key] = max(1e-4, $one + $freed - $uptake);
            }
            $swap = [
                0.15 * (6.0 * $level['po4'] - $fast) / 6 * $days,
                0.01 * (20 * $level['po4'] - $slow) / 20 * $days,
            ];
            $fast += 6 * $swap[0];
            $slow += 20 * $swap[1];
            $bound = min($gfo, $film * $level['po4'] * min(1.0, $gfo / 2) * $days);
            $gfo -= $bound;
            $level['po4'] = max(1e-4, $level['po4'] - $swap[0] - $swap[1] - $bound);
        }
    }

    private function read(): void
    {
        $every = $this->row === 'every 14 days' ? 14 : 7;
        foreach ($this->row === 'coarse kit' ? self::COARSE : self::KITS as $key => [$step, $noise, $share]) {
            for ($day = 0; $day < self::KNOWN; $day += $every) {
                $true = $this->bias() * $this->truth[$key][$day];
                $seen = $true + hypot($noise, $share * $true) * $this->normal();
                if ($this->row === 'slips' && $this->between(0, 1) < 0.06) {
                    $seen *= 1.8;
                }
                $shown = max(0.0, round($seen / $step) * $step);
                $this->entries[] = new Entry($this->at($day + 0.3), Reading::of(
                    Parameter::from($key),
                    $shown > 0.0 ? $shown : $step,
                    // As it is typed: a kit in steps of 5 shows “10”.
                    step: $step >= 1.0 ? 1.0 : ($key === 'no3' ? 0.1 : 0.01),
                    belowLimit: $shown <= 0.0,
                    method: 'kit',
                ), 10_000 + count($this->entries));
            }
        }
    }

    private function bias(): float
    {
        return $this->row === 'kit bias' ? 1.15 : 1.0;
    }

    private function at(float $day): DateTimeImmutable
    {
        return (new DateTimeImmutable(Logged::START))->modify(sprintf('%+d seconds', (int) round(86_400 * $day)));
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
