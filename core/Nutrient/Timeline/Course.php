<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use DateTimeImmutable;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\Harvest\Harvest as HarvestEntry;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange as WaterChangeEntry;
use Ithys\Media\Medium;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Nutrient\Lever\WaterChange;
use Ithys\Path\Kind;

/** How a keeper goes on: what is fed, changed, dosed and lit from some day on. */
final readonly class Course
{
    /** Days back that habits are read from. */
    private const BACK = 56.0;

    /**
     * @param  array<string, float>  $feed  g a day, by food
     * @param  Habit  $water  in L
     * @param  Habit  $harvest  in g, wet
     * @param  list<Fresh>  $fresh  what is put in once
     */
    private function __construct(
        public array $feed,
        public Habit $socks,
        public Habit $water,
        public Habit $harvest,
        public Doses $doses,
        public Machines $machines,
        public Herd $herd,
        public array $fresh = [],
    ) {
    }

    /**
     * As the last eight weeks went.
     *
     * @param  list<Entry>  $entries  in order of time
     */
    public static function present(array $entries, DateTimeImmutable $now, bool $hasSkimmer): self
    {
        $entries = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->at <= $now));
        $recent = array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $entry->daysAfter($now) > -self::BACK,
        ));
        $first = $recent === [] ? self::BACK : max(7.0, -$recent[0]->daysAfter($now));
        $feed = $doses = [];
        $plan = null;
        foreach ($entries as $entry) {
            $plan = $entry->payload instanceof FeedPlan ? $entry->payload : $plan;
        }
        foreach ($recent as $entry) {
            if ($entry->payload instanceof Feed) {
                $food = ($entry->payload->food ?? Food::Pellet)->value;
                $feed[$food] = ($feed[$food] ?? 0.0) + $entry->payload->grams / $first;
            } elseif ($entry->payload instanceof CarbonDose) {
                $source = $entry->payload->source->value;
                $doses[$source] = ($doses[$source] ?? 0.0) + $entry->payload->millilitres / $first;
            }
        }
        if ($plan?->perDay !== null) {
            $feed = [($plan->perDay->food ?? Food::Pellet)->value => $plan->perDay->grams];
        }
        $habit = static fn (callable $amount): Habit => Habit::of($recent, $now, self::BACK, $amount);

        return new self(
            $feed,
            $habit(static fn (Entry $one): ?float => $one->payload instanceof SockChange ? 1.0 : null),
            $habit(static fn (Entry $one): ?float => $one->payload instanceof WaterChangeEntry
                ? $one->payload->changedLitres
                : null),
            $habit(static fn (Entry $one): ?float => $one->payload instanceof HarvestEntry
                ? $one->payload->grams
                : null),
            new Doses($doses),
            Machines::present($entries, $hasSkimmer),
            Herd::present($entries, $now, $plan?->growsWithStock === true),
        );
    }

    /**
     * The same with some levers set otherwise.
     *
     * @param  array<string, float|bool|null>  $levers  feedTimes, stockAdded in g, sockEvery, waterEvery, waterLitres,
     *   skimmerOn, lightHours, rollerTimes, spirit in mL a day, mediaGrams and carbonGrams
     */
    public function with(array $levers): self
    {
        $figure = static fn (string $key, ?float $otherwise): ?float => array_key_exists($key, $levers)
            ? ($levers[$key] === null ? null : (float) $levers[$key])
            : $otherwise;
        $times = ($figure('feedTimes', 1.0) ?? 1.0) * $this->herd->times($figure('stockAdded', 0.0) ?? 0.0);
        $spirit = $figure('spirit', null);

        return new self(
            array_map(static fn (float $grams): float => $times * $grams, $this->feed),
            new Habit($figure('sockEvery', $this->socks->every)),
            new Habit(
                $figure('waterEvery', $this->water->every),
                $figure('waterLitres', $this->water->amount) ?? 0.0,
            ),
            $this->harvest,
            $spirit === null ? $this->doses : new Doses(['spirit' => $spirit]),
            new Machines(
                (bool) ($levers['skimmerOn'] ?? $this->machines->skimmerOn),
                $this->machines->skimmerOffHours,
                $figure('lightHours', $this->machines->lightHours),
                $figure('rollerTimes', $this->machines->rollerTimes) ?? 1.0,
            ),
            $this->herd,
            array_values(array_filter([
                new Fresh(Medium::Gfo, $figure('mediaGrams', 0.0) ?? 0.0),
                new Fresh(Medium::ActivatedCarbon, $figure('carbonGrams', 0.0) ?? 0.0),
            ], static fn (Fresh $one): bool => $one->grams > 0.0)),
        );
    }

    /** The same with a medium put in. */
    public function putting(Fresh $fresh): self
    {
        return new self(
            $this->feed,
            $this->socks,
            $this->water,
            $this->harvest,
            $this->doses,
            $this->machines,
            $this->herd,
            [...$this->fresh, $fresh],
        );
    }

    /**
     * The same with organic carbon begun or raised week by week.
     *
     * @param  list<float>  $doses  mL a day
     */
    public function ramping(string $source, array $doses): self
    {
        return new self(
            $this->feed,
            $this->socks,
            $this->water,
            $this->harvest,
            Doses::ramping($source, $doses),
            $this->machines,
            $this->herd,
            $this->fresh,
        );
    }

    /** @return list<Act> what is done from a day on */
    public function acts(float $from, float $days, Going $going): array
    {
        return array_merge(...array_values($this->byLever($from, $days, $going)));
    }

    /**
     * What is done from a day on.
     *
     * @return array<string, list<Act>> by the key of {@see Act::key()}
     */
    public function byLever(float $from, float $days, Going $going): array
    {
        $acts = [
            'feed' => [new Act($from, new FeedSchedule($this->feed, $this->herd->feedGrows))],
            'skimmer' => [new Act($from, new Skimmer(
                $this->machines->skimmerOn,
                offHoursPerDay: $this->machines->skimmerOffHours,
            ))],
            'doses' => $this->doses->acts($from),
            'light' => array_map(
                fn (string $culture): Act => new Act($from, new Algae(
                    $culture,
                    hours: $this->machines->lightHours,
                )),
                $going->cultures,
            ),
            'media' => array_map(static fn (Fresh $one): Act => $one->act($from), $this->fresh),
            'roller' => [],
            'sock' => [],
            'water' => [],
            'harvest' => [],
        ];
        if ($this->machines->rollerTimes !== 1.0) {
            foreach ($going->stagesOf(Kind::Roller) as $stage) {
                $acts['roller'][] = new Act($from, new Mechanical(
                    $stage,
                    'roller',
                    $going->rollerShare,
                    $going->rollerStay / max(0.01, $this->machines->rollerTimes),
                ));
            }
        }
        foreach ($this->socks->days($from, $days) as $day) {
            foreach ($going->stagesOf(Kind::Sock) as $stage) {
                $acts['sock'][] = new Act($day, new Change($stage));
            }
        }
        foreach ($this->water->days($from, $days) as $day) {
            $acts['water'][] = new Act($day, new WaterChange(litres: $this->water->amount));
        }
        foreach ($going->cultures === [] ? [] : $this->harvest->days($from, $days) as $day) {
            $acts['harvest'][] = new Act(
                $day,
                new Harvest($going->cultures[0], $going->dryShare * $this->harvest->amount),
            );
        }

        return $acts;
    }
}
