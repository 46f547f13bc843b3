<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\Harvest\Harvest;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Learning\Fit;
use Ithys\Learning\Unknown;
use Ithys\Media\Medium;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Simulation;
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
 * A made-up keeper of a tank whose truth is known: what is fed, changed and charged, and weekly readings with the noise
 * of a fine kit. In the real world the model is not the truth: rates that the fit takes for granted are off by 20 to
 * 50 %, and what is fed wanders about what is logged.
 */
final class SimulatedKeeper
{
    /** Weeks that the truth goes on beyond what is read. */
    public const AHEAD = 12;

    /** @var array<string, float> logs of the true factors, by unknown */
    public array $logs = [];

    public readonly Timeline $timeline;

    private readonly Randomizer $random;

    private readonly Setup $setup;

    private readonly Simulation $truth;

    /** @var list<Entry> as logged */
    private array $entries = [];

    /** @var list<Entry> as it was */
    private array $real = [];

    /** Step, noise and share of the level that it is off by, of a fine kit and a coarse one. */
    private const KITS = [
        'fine' => ['no3' => [1.0, 0.3, 0.06], 'po4' => [0.01, 0.012, 0.05]],
        'coarse' => ['no3' => [5.0, 1.0, 0.12], 'po4' => [0.05, 0.02, 0.10]],
    ];

    public function __construct(
        int $seed,
        private readonly int $weeks,
        private readonly bool $isReal,
        private readonly string $kit = 'fine',
        /** Whether the last charge of a medium stays in. */
        private readonly bool $keepsCharge = false,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        $litres = exp($this->between(log(80), log(900)));
        $this->setup = $this->setup($litres);
        $this->live($litres);
        foreach (Unknown::cases() as $unknown) {
            $this->logs[$unknown->value] = ($unknown->spread() ?? 0.0) * $this->normal();
        }
        $start = ['no3' => exp($this->between(log(2), log(25))), 'po4' => exp($this->between(log(0.03), log(0.3)))];
        $days = 7.0 * ($this->weeks + self::AHEAD);
        $world = $this->timelineOf([...$this->readings(static fn (): array => $start, 1), ...$this->real], $days);
        [$parameters, $from] = Fit::applied($this->logs, $world);
        $this->truth = $world->simulation($this->otherwise($parameters), $from);
        $truth = clone $this->truth;
        $read = $this->readings(fn (float $day): array => array_combine(['no3', 'po4'], array_map(
            static fn (Element $element): float => $truth->before($day)->level($element),
            Element::cases(),
        )), $this->weeks + 1);
        $known = array_filter($this->entries, fn (Entry $entry): bool => $entry->at < $this->at(7.0 * $this->weeks));
        $this->timeline = $this->timelineOf([...$read, ...$known], 7.0 * $this->weeks);
    }

    /** The true level so many weeks after the last reading. */
    public function later(Element $element, int $weeks): float
    {
        return (clone $this->truth)->before(7.0 * ($this->weeks + $weeks))->level($element);
    }

    private function setup(float $litres): Setup
    {
        $side = (1000 * $litres / 0.55) ** (1 / 3);
        $items = [['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
            ['id' => 'skimmer', 'kind' => 'skimmer']];
        if ($this->between(0, 1) < 0.35) {
            $items[] = ['id' => 'refugium', 'kind' => 'refugium',
                'figures' => ['watts' => round($litres * $this->between(0.06, 0.2)), 'hoursPerDay' => 10]];
        }

        return new Setup(new Tank(
            Display::box(10 * $side, 10 * $side, 10 * $side, 20),
            new BesideDisplay(0.1 * $litres, 0),
            new Ground($litres * $this->between(0, 0.06), $litres * $this->between(0.04, 0.12)),
            new Conditions(35, 25),
            6 * $litres,
            TurnoverSchool::Moderate,
        ), Logged::path($items));
    }

    private function live(float $litres): void
    {
        $days = 7 * ($this->weeks + self::AHEAD);
        $sockEvery = $this->random->getInt(3, 14);
        $waterEvery = $this->random->getInt(0, 2) * 7 + 7;
        $water = $litres * $this->between(0.05, 0.2);
        $feed = $litres / 300 * exp($this->between(log(0.4), log(1.6)));
        $wander = 0.0;
        for ($day = 0; $day < $days; $day++) {
            // A memory of three weeks.
            $wander = exp(-1 / 21) * $wander + 0.12 * sqrt(1 - exp(-2 / 21)) * $this->normal();
            $food = $day % 3 === 2 ? Food::Frozen : Food::Pellet;
            $grams = $feed * ($food === Food::Frozen ? 6.0 : 1.0);
            $this->happen($day + 0.3, Feed::of($grams, $food), $this->isReal
                ? Feed::of($grams * exp($wander), $food)
                : null);
            if ($day % $sockEvery === $sockEvery - 1) {
                $this->happen($day + 0.4, SockChange::of(3));
            }
            if ($day % $waterEvery === $waterEvery - 1) {
                $this->happen($day + 0.45, WaterChange::of($water));
            }
        }
        foreach (range(1, max(1, intdiv($days, 60))) as $n) {
            $off = $this->between(5, $days - 5);
            $this->happen($off, SkimmerSwitch::of(false));
            $this->happen($off + $this->between(0.3, 6), SkimmerSwitch::of(true));
        }
        if ($this->setup->path !== null && count($this->setup->path->items()) > 2) {
            for ($day = 21; $day < $days; $day += 21) {
                $this->happen($day + 0.2, Harvest::of(max(5, $litres * 0.3)));
            }
        }
        if ($this->between(0, 1) < 0.6) {
            $medium = $this->between(0, 1) < 0.5 ? Medium::Gfo : Medium::Alumina;
            $last = $this->keepsCharge ? 7 * $this->weeks : $days;
            for ($day = $this->between(10, 40); $day < $last; $day += $this->between(60, 120)) {
                $this->happen($day, MediaCharge::grams($medium, max(5, 0.5 * $litres), Place::Reactor));
            }
        }
    }

    /** @param  ?Payload  $really  where that was otherwise than logged */
    private function happen(float $day, Payload $payload, ?Payload $really = null): void
    {
        $id = count($this->entries) + 1;
        $this->entries[] = new Entry($this->at($day), $payload, $id);
        $this->real[] = new Entry($this->at($day), $really ?? $payload, $id);
    }

    /**
     * @param  callable(float): array<string, float>  $levels
     * @return list<Entry>
     */
    private function readings(callable $levels, int $weeks): array
    {
        $readings = [];
        for ($week = 0; $week < $weeks; $week++) {
            foreach ($levels(7.0 * $week) as $key => $level) {
                [$step, $noise, $share] = self::KITS[$this->kit][$key];
                $off = $weeks === 1 ? 0.0 : hypot($noise, $share * $level) * $this->normal();
                $seen = $weeks === 1 ? $level : max(0.0, round(($level + $off) / $step) * $step);
                $readings[] = new Entry($this->at(7.0 * $week), Reading::of(
                    Parameter::from($key),
                    // What a kit shows as nothing lies nearer to nothing than to its first step.
                    $seen > 0.0 ? $seen : $step / 2,
                    step: $step,
                    belowLimit: $seen <= 0.0,
                ));
            }
        }

        return $readings;
    }

    /** The rates that a fit takes for granted, as they are. */
    private function otherwise(Parameters $parameters): Parameters
    {
        if (! $this->isReal) {
            return $parameters;
        }
        $off = [];
        foreach ([
            'held_decay' => 0.3, 'settled_decay' => 0.3, 'mineralisation' => 0.2, 'denitrification' => 0.5,
            'algae_loss' => 0.3, 'skimmer_share' => 0.2,
        ] as $key => $spread) {
            $value = $parameters->value($key) * exp($spread * max(-2.0, min(2.0, $this->normal())));
            $off[$key] = $key === 'skimmer_share' ? min(0.8, $value) : $value;
        }

        return $parameters->with($off);
    }

    /** @param  list<Entry>  $entries */
    private function timelineOf(array $entries, float $days): Timeline
    {
        usort($entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return Timeline::of($entries, [[$this->at(0), $this->setup]], $this->at($days), Assumptions::standard());
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
