<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Charge;
use Ithys\History\Course\Course;
use Ithys\History\Course\Going;
use Ithys\History\LastChange;
use Ithys\History\Routines;
use Ithys\History\Story;
use Ithys\Journal\Entry;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Reading\HalfDays;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Simulation;
use Ithys\Nutrient\Start;
use Ithys\Path\Kind;
use Ithys\System\Setup;

/**
 * The levers of a tank over time, from its journal and from what stood: all that the model needs, and what had to be
 * assumed because nobody said it.
 */
final readonly class Timeline
{
    private const TOLERANCE = 1e-5;

    /** @param  list<Entry>  $entries  in order of time */
    private function __construct(
        public DateTimeImmutable $to,
        public Read $read,
        private Feeding $feeding,
        private Fitted $fitted,
        private Done $done,
        private array $entries,
        private Routines $routines,
        public Assumptions $assumptions,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups  what stood from when on, the first from the
     *   beginning
     * @param  ?Story  $story  what silences are taken to mean; null for the likely mean
     *
     * @throws Missing where the journal lacks what nothing can be reckoned without
     */
    public static function of(
        array $entries,
        array $setups,
        DateTimeImmutable $to,
        Assumptions $assumptions,
        ?Story $story = null,
    ): self {
        $entries = iterator_to_array(HalfDays::pooled($entries), false);
        $read = Read::of($entries, $assumptions);
        $end = ($to->getTimestamp() - $read->from->getTimestamp()) / 86_400;
        $routines = self::routinesOf($entries, $to, Span::litresOf($setups), $assumptions, $story);
        $fitted = Fitted::of($entries, $setups, $read->from, $end, $assumptions);

        return new self(
            $to,
            $read,
            Feeding::of($entries, $read->from, $end, $routines),
            $fitted,
            Done::of($entries, $read->from, $fitted, $routines, $assumptions, $end),
            $entries,
            $routines,
            $assumptions,
        );
    }

    /** @param  list<Entry>  $entries */
    private static function routinesOf(
        array $entries,
        DateTimeImmutable $now,
        float $litres,
        Assumptions $assumptions,
        ?Story $story = null,
    ): Routines {
        // The moment at which it ends says whose days are counted.
        return Routines::of($entries, $litres, $now->getTimezone(), $now, $assumptions, $story);
    }

    /** @return non-empty-list<array{Story, float}> what its silences may mean, with how likely each is beforehand */
    public function stories(): array
    {
        return Story::all($this->routines);
    }

    /** Days from the start to a moment. */
    public function day(DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() - $this->read->from->getTimestamp()) / 86_400;
    }

    /** How it goes on as it went of late. */
    public function course(?DateTimeImmutable $then = null): Course
    {
        $then ??= $this->to;
        $there = $this->fitted->on($this->day($then));

        return Course::present(
            $this->entries,
            $then,
            $there->hasSkimmer === true,
            in_array(Kind::Sock, $there->stages(), true),
            $there->basin->litres,
            $then >= $this->to ? $this->routines : self::routinesOf(
                array_values(array_filter($this->entries, static fn (Entry $one): bool => $one->at <= $then)),
                $then->setTimezone($this->to->getTimezone()),
                $there->basin->litres,
                $this->assumptions,
            ),
        );
    }

    /** What was changed last before a moment; null where nothing was. */
    public function lastChange(?DateTimeImmutable $then = null): ?LastChange
    {
        return LastChange::before(
            $then ?? $this->to,
            $this->read->from,
            $this->entries,
            $this->routines,
            $this->charges(),
            array_map(
                fn (Span $one): DateTimeImmutable => $this->read->from->modify(
                    sprintf('%+d seconds', (int) round(86_400 * $one->from)),
                ),
                array_slice($this->fitted->spans, 1),
            ),
        );
    }

    /** What a course acts on from a day on. */
    public function going(float $day): Going
    {
        return $this->fitted->going($day, $this->assumptions);
    }

    /** @return list<Act> all that was done, in no order */
    public function acts(): array
    {
        return [...$this->feeding->acts, ...$this->fitted->acts, ...$this->done->acts];
    }

    /** Net water volume at the end. */
    public function litres(): float
    {
        return $this->fitted->last()->basin->litres;
    }

    /** What was there on a day. */
    public function span(float $day): Span
    {
        return $this->fitted->on($day);
    }

    /** @return list<Finding> what was assumed, and what was left out */
    public function remarks(): array
    {
        return [...$this->feeding->remarks, ...$this->fitted->remarks, ...$this->done->remarks];
    }

    /** @return list<Charge> every charge since the start, those taken out too, in order of time */
    public function charges(): array
    {
        return $this->done->charges;
    }

    /** @return list<Charge> those of them that the model follows */
    public function followed(): array
    {
        return $this->done->followed();
    }

    /** @return list<array{float, Outlet}> readings before and behind a reactor, by day */
    public function outlets(): array
    {
        $outlets = [];
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof Outlet && $entry->at <= $this->to) {
                $outlets[] = [$this->day($entry->at), $entry->payload];
            }
        }

        return $outlets;
    }

    /** How fast a roller uses its fleece. */
    public function fleece(): FleeceUse
    {
        return $this->fitted->fleece;
    }

    /** @return list<Act> what is done after the end, on a course */
    public function ahead(Course $course, float $days): array
    {
        $end = $this->day($this->to);

        return $course->acts($end, $days, $this->going($end));
    }

    /**
     * @param  list<Act>  $more  done beside what the journal says
     * @param  bool  $byWeek  whether food comes at a steady rate each week, which is faster
     * @param  ?float  $until  the day after which nothing more is done; null for all
     */
    public function simulation(
        ?Parameters $parameters = null,
        ?Start $start = null,
        array $more = [],
        float $tolerance = self::TOLERANCE,
        bool $byWeek = false,
        ?float $until = null,
    ): Simulation {
        $acts = $byWeek
            ? [...$this->feeding->weekly, ...$this->fitted->acts, ...$this->done->acts]
            : $this->acts();
        if ($until !== null) {
            $acts = array_values(array_filter($acts, static fn (Act $act): bool => $act->day <= $until));
        }

        return new Simulation(
            $this->fitted->spans[0]->basin,
            $start ?? $this->read->start,
            $parameters ?? Parameters::of($this->assumptions),
            [...$acts, ...$more],
            $tolerance,
        );
    }
}
