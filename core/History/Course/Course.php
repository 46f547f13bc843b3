<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use DateTimeImmutable;
use Ithys\History\Known;
use Ithys\History\Lever;
use Ithys\History\Routines;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\Harvest\Harvest as HarvestEntry;
use Ithys\Journal\RoutineWord\Repeated;
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
    /** Days back over which foods, sources and harvests are counted. */
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
     * As its routines go now.
     *
     * @param  list<Entry>  $entries  in order of time
     * @param  float  $litres  working volume
     */
    public static function present(
        array $entries,
        DateTimeImmutable $now,
        bool $hasSkimmer,
        bool $hasSock,
        float $litres,
        Routines $routines,
    ): self {
        $entries = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->at <= $now));
        $recent = array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $entry->daysAfter($now) > -self::BACK,
        ));
        $plan = null;
        $feed = [];
        foreach ($entries as $entry) {
            $plan = $entry->payload instanceof FeedPlan ? $entry->payload : $plan;
        }
        $isMeal = static fn (Entry $entry): bool => $entry->payload instanceof Feed;
        $meals = array_values(array_filter($entries, $isMeal));
        $last = $meals === [] ? $now : $meals[count($meals) - 1]->at;
        foreach ($meals as $meal) {
            // Back from the last one: a log that fell silent still tells what is fed.
            if ($meal->payload instanceof Feed && $meal->daysAfter($last) > -self::BACK) {
                $food = ($meal->payload->food ?? Food::Pellet)->value;
                $feed[$food] = ($feed[$food] ?? 0.0) + $meal->payload->grams;
            }
        }
        $fed = $routines->at(Repeated::Feeding, $now);
        if ($plan?->perDay !== null && $fed?->known === Known::Stated) {
            $feed = [($plan->perDay->food ?? Food::Pellet)->value => 1.0];
        }

        return new self(
            self::shared($feed, $fed->perDay ?? 0.0),
            $hasSock ? self::habit($routines, Repeated::Socks, $now) : new Habit(null),
            self::habit($routines, Repeated::Water, $now, $litres),
            Habit::of(
                $recent,
                $now,
                self::BACK,
                static fn (Entry $one): ?float => $one->payload instanceof HarvestEntry ? $one->payload->grams : null,
            ),
            new Doses(self::doses($routines, $now)),
            Machines::present($entries, $hasSkimmer),
            Herd::present($entries, $now, $plan?->growsWithStock === true),
        );
    }

    /** @param  ?float  $litres  that an amount is a share of; null where only how often counts */
    private static function habit(
        Routines $routines,
        Repeated $of,
        DateTimeImmutable $now,
        ?float $litres = null,
    ): Habit {
        $rate = $routines->at($of, $now)->perDay ?? 0.0;
        if ($rate <= 0.0) {
            return new Habit(null, $litres === null ? 1.0 : 0.0);
        }
        $every = $litres === null ? 1 / $rate : $routines->find($of)?->interval() ?? 1 / $rate;

        return new Habit($every, $litres === null ? 1.0 : $litres * $rate * $every);
    }

    /** @return array<string, float> mL a day, by source */
    private static function doses(Routines $routines, DateTimeImmutable $now): array
    {
        $doses = [];
        foreach (CarbonSource::cases() as $source) {
            $doses[$source->value] = $routines->at(Repeated::carbon($source), $now)->perDay ?? 0.0;
        }

        return array_filter($doses, static fn (float $dose): bool => $dose > 0.0);
    }

    /**
     * So much a day over what was given of late.
     *
     * @param  array<string, float>  $each
     * @return array<string, float>
     */
    private static function shared(array $each, float $perDay): array
    {
        $all = array_sum($each);

        return $all <= 0.0 || $perDay <= 0.0
            ? []
            : array_map(static fn (float $one): float => $perDay * $one / $all, $each);
    }

    /**
     * The same with some levers set otherwise.
     *
     * @param  array<string, float|bool|string|null>  $levers  feedTimes, stockAdded in g, sockEvery, sockOut,
     *   waterEvery, waterLitres,
     *   skimmerOn, lightHours, rollerTimes, spirit in mL a day, mediaGrams with medium and place, and
     *   carbonGrams
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
            // None at all is an amount of nothing.
            new Habit($figure('sockEvery', $this->socks->every), ($levers['sockOut'] ?? false) === true ? 0.0 : 1.0),
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
            Fresh::chosen($levers),
        );
    }

    /** The same in another story: what is as it is at present here, is as it is at present there. */
    public function amid(self $here, self $there): self
    {
        // Equal values, not the same objects, are meant.
        return new self(
            $this->feed == $here->feed ? $there->feed : $this->feed,
            $this->socks == $here->socks ? $there->socks : $this->socks,
            $this->water == $here->water ? $there->water : $this->water,
            $this->harvest == $here->harvest ? $there->harvest : $this->harvest,
            $this->doses == $here->doses ? $there->doses : $this->doses,
            $this->machines == $here->machines ? $there->machines : $this->machines,
            $this->herd,
            $this->fresh,
        );
    }

    /** What is done otherwise than on another course; null where nothing is. */
    public function differsFrom(self $other): ?Lever
    {
        // Equal values, not the same objects, are meant.
        $levers = array_keys(array_filter([
            Lever::Feeding->value => $this->feed != $other->feed || $this->herd != $other->herd,
            Lever::Water->value => $this->water != $other->water,
            Lever::Carbon->value => $this->doses != $other->doses,
            Lever::Media->value => $this->fresh != $other->fresh,
            Lever::Other->value => $this->socks != $other->socks || $this->harvest != $other->harvest
                || $this->machines != $other->machines,
        ]));

        return match (count($levers)) {
            0 => null,
            1 => Lever::from($levers[0]),
            default => Lever::Other,
        };
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
     * @return array<string, list<Act>> by lever, as {@see Came} names them
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
        foreach ($going->stagesOf(Kind::Sock) as $stage) {
            if ($this->socks->amount === 0.0) {
                $acts['sock'][] = new Act($from, new Mechanical($stage, null));
            }
            foreach ($this->socks->days($from, $days) as $day) {
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
