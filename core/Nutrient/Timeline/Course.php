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
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange as WaterChangeEntry;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\DoseSchedule;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\MediaIn;
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
     * @param  array<string, float>  $doses  mL of organic carbon a day, by source
     */
    private function __construct(
        public array $feed,
        public Habit $socks,
        public Habit $water,
        public Habit $harvest,
        public array $doses,
        public bool $skimmerOn,
        public ?float $lightHours,
        /** GFO charged once, in a reactor, g. */
        public float $mediaGrams = 0.0,
    ) {
    }

    /**
     * As the last eight weeks went.
     *
     * @param  list<Entry>  $entries  in order of time
     */
    public static function present(array $entries, DateTimeImmutable $now, bool $hasSkimmer): self
    {
        $recent = array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $entry->daysAfter($now) > -self::BACK,
        ));
        $first = $recent === [] ? self::BACK : max(7.0, -$recent[0]->daysAfter($now));
        $feed = $doses = [];
        $plan = null;
        $hours = null;
        foreach ($entries as $entry) {
            $plan = $entry->payload instanceof FeedPlan ? $entry->payload : $plan;
            $hasSkimmer = $entry->payload instanceof SkimmerSwitch ? $entry->payload->on : $hasSkimmer;
            $hours = $entry->payload instanceof Photoperiod && ! $entry->payload->isOfDisplay
                ? $entry->payload->hoursPerDay
                : $hours;
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
            $doses,
            $hasSkimmer,
            $hours,
        );
    }

    /**
     * The same with some levers set otherwise.
     *
     * @param  array<string, float|bool|null>  $levers  feedTimes, sockEvery, waterEvery, waterLitres, skimmerOn,
     *   lightHours, spirit in mL a day and mediaGrams
     */
    public function with(array $levers): self
    {
        $figure = static fn (string $key, ?float $otherwise): ?float => array_key_exists($key, $levers)
            ? ($levers[$key] === null ? null : (float) $levers[$key])
            : $otherwise;
        $times = $figure('feedTimes', 1.0) ?? 1.0;
        $spirit = $figure('spirit', null);

        return new self(
            array_map(static fn (float $grams): float => $times * $grams, $this->feed),
            new Habit($figure('sockEvery', $this->socks->every)),
            new Habit(
                $figure('waterEvery', $this->water->every),
                $figure('waterLitres', $this->water->amount) ?? 0.0,
            ),
            $this->harvest,
            $spirit === null ? $this->doses : ['spirit' => $spirit],
            (bool) ($levers['skimmerOn'] ?? $this->skimmerOn),
            $figure('lightHours', $this->lightHours),
            $figure('mediaGrams', $this->mediaGrams) ?? 0.0,
        );
    }

    /**
     * What is done from a day on.
     *
     * @param  array<string, Kind>  $stages  what is fitted, by stage
     * @param  list<string>  $cultures
     * @return list<Act>
     */
    public function acts(float $from, float $days, array $stages, array $cultures, float $dry): array
    {
        $acts = [
            new Act($from, new FeedSchedule($this->feed)),
            new Act($from, new Skimmer($this->skimmerOn)),
        ];
        $source = array_key_first($this->doses);
        if ($source !== null) {
            $acts[] = new Act($from, new DoseSchedule($source, $this->doses[$source]));
        }
        foreach ($cultures as $culture) {
            $acts[] = new Act($from, new Algae($culture, hours: $this->lightHours));
        }
        if ($this->mediaGrams > 0.0) {
            $acts[] = new Act($from, new MediaIn('foreseen', 'gfo', $this->mediaGrams, 'reactor'));
        }
        foreach ($this->socks->days($from, $days) as $day) {
            foreach (array_keys($stages, Kind::Sock, true) as $stage) {
                $acts[] = new Act($day, new Change((string) $stage));
            }
        }
        foreach ($this->water->days($from, $days) as $day) {
            $acts[] = new Act($day, new WaterChange(litres: $this->water->amount));
        }
        foreach ($cultures === [] ? [] : $this->harvest->days($from, $days) as $day) {
            $acts[] = new Act($day, new Harvest($cultures[0], $dry * $this->harvest->amount));
        }

        return $acts;
    }
}
