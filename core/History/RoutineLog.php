<?php

declare(strict_types=1);

namespace Ithys\History;

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Entry;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\RoutineWord\RoutineWord;

/** What a journal says of one routine, gathered entry by entry in order of time. */
final class RoutineLog
{
    /** @var array<int, DayActs> by day */
    public array $acts = [];

    /** @var array<int, Entry> the first entry of a day */
    public array $first = [];

    /** @var list<array{int, int}> */
    private array $none = [];

    /** @var list<float> */
    private array $stops = [];

    /** @var array<int, float> */
    private array $plans = [];

    /** @var list<int> */
    private array $same = [];

    /**
     * @param  float  $at  days of the calendar
     * @param  float  $litres  working volume
     */
    public function take(Entry $entry, float $at, float $litres): void
    {
        $day = (int) floor($at);
        $payload = $entry->payload;
        $this->first[$day] ??= $entry;
        if ($payload instanceof FeedPlan) {
            // A plan that ends leaves the word to the log.
            $payload->perDay === null ? $this->plans = [] : $this->plans[$day] = $payload->perDay->grams;
            $this->takeBackStop($day);
        } elseif ($payload instanceof DosePlan) {
            if ($payload->millilitres === 0.0) {
                $this->stop($entry, $at);
            } else {
                $this->plans[$day] = $payload->perDay();
                $this->takeBackStop($day);
            }
        } elseif ($payload instanceof RoutineWord) {
            $payload->goesOn ? $this->same[] = $day : $this->stop($entry, $at);
        } elseif (($use = $payload->mark($litres)->use) > 0.0) {
            $this->acts[$day] = new DayActs(
                $day,
                $use + ($this->acts[$day]->amount ?? 0.0),
                1 + ($this->acts[$day]->count ?? 0),
            );
            $this->takeBackStop($day);
        } elseif ($payload instanceof CarbonDose) {
            $this->stop($entry, $at);
        } else {
            $this->none[] = [$day, $day + 1];
        }
    }

    /** @return list<DayActs> */
    public function acts(): array
    {
        return array_values($this->acts);
    }

    public function said(): Statements
    {
        return new Statements($this->none, $this->stops, $this->plans, $this->same);
    }

    /** It is what changed on its day, whatever was done before it. */
    private function stop(Entry $entry, float $at): void
    {
        $this->stops[] = $at;
        $this->first[(int) floor($at)] = $entry;
    }

    /** What is done later on the day of a stop takes it back. */
    private function takeBackStop(int $day): void
    {
        $this->stops = array_values(array_filter(
            $this->stops,
            static fn (float $stop): bool => floor($stop) < $day,
        ));
    }
}
