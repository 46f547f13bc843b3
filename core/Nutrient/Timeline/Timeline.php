<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Journal\Entry;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Reading\HalfDays;
use Ithys\Media\Medium;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Calibration\Fit;
use Ithys\Nutrient\Forecast\Outlook;
use Ithys\Nutrient\InvalidLever;
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
        private bool $hasSkimmer,
        public Assumptions $assumptions,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups  what stood from when on, the first from the
     *   beginning
     *
     * @throws Missing where the journal lacks what nothing can be reckoned without
     */
    public static function of(array $entries, array $setups, DateTimeImmutable $to, Assumptions $assumptions): self
    {
        $entries = iterator_to_array(HalfDays::pooled($entries), false);
        $read = Read::of($entries, $assumptions);
        $setup = $setups[count($setups) - 1][1];
        $litres = $setup->workingVolume()->litres;
        if ($litres <= 0.0) {
            throw Missing::water();
        }
        $end = ($to->getTimestamp() - $read->from->getTimestamp()) / 86_400;
        $fitted = Fitted::of($entries, $setups, $read->from, $litres, $end, $assumptions);
        $hasSkimmer = $setup->path !== null && $setup->path->itemsOf(Kind::Skimmer) !== [];

        return new self(
            $to,
            $read,
            Feeding::of($entries, $read->from, $end),
            $fitted,
            Done::of($entries, $read->from, $fitted, $assumptions),
            $entries,
            $hasSkimmer,
            $assumptions,
        );
    }

    /** Days from the start to a moment. */
    public function day(DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() - $this->read->from->getTimestamp()) / 86_400;
    }

    /** How it goes on as it went of late. */
    public function course(?DateTimeImmutable $then = null): Course
    {
        return Course::present(
            $this->entries,
            $then ?? $this->to,
            $this->hasSkimmer,
            $this->litres(),
            // The moment at which it ends says whose days are counted.
            $this->to->getTimezone(),
            $this->assumptions,
        );
    }

    /**
     * From its end on, or from a moment before it, as the readings have taught.
     *
     * @throws InvalidLever
     * @throws Missing for a moment before the first readings
     */
    public function outlook(Fit $fit, ?DateTimeImmutable $then = null): Outlook
    {
        $end = $this->day($then ?? $this->to);
        if ($end < 0.0) {
            throw Missing::thatFarBack();
        }
        $acts = [...$this->feeding->acts, ...$this->fitted->acts, ...$this->done->acts];
        $simulation = new Simulation(
            $this->fitted->basin,
            $fit->start($this),
            $fit->parameters($this),
            array_values(array_filter($acts, static fn (Act $act): bool => $act->day <= $end)),
            self::TOLERANCE,
        );
        $simulation->before($end);

        return new Outlook(
            $simulation,
            $end,
            $fit->pulls,
            $fit->bands,
            $this->course($then),
            $this->fitted->going($end, $this->assumptions),
            new Came(
                $this->day($this->to),
                $this->course(),
                array_values(array_filter($acts, static fn (Act $act): bool => $act->day > $end)),
            ),
        );
    }

    /** Working litres. */
    public function litres(): float
    {
        return $this->fitted->basin->litres;
    }

    /** @return list<Finding> what was assumed, and what was left out */
    public function remarks(): array
    {
        return [...$this->feeding->remarks, ...$this->fitted->remarks, ...$this->done->remarks];
    }

    /** @return list<Placed> every charge, those taken out too, in order of time */
    public function placed(): array
    {
        return $this->done->placed;
    }

    /** @return list<Placed> those of them that the model follows */
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

    /** @return list<Medium> that were charged */
    public function charges(): array
    {
        return $this->done->media;
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

        return $course->acts($end, $days, $this->fitted->going($end, $this->assumptions));
    }

    /**
     * @param  list<Act>  $more  done beside what the journal says
     * @param  bool  $byWeek  whether food comes at a steady rate each week, which is faster
     */
    public function simulation(
        ?Parameters $parameters = null,
        ?Start $start = null,
        array $more = [],
        float $tolerance = self::TOLERANCE,
        bool $byWeek = false,
    ): Simulation {
        return new Simulation(
            $this->fitted->basin,
            $start ?? $this->read->start,
            $parameters ?? Parameters::of($this->assumptions),
            [
                ...$byWeek ? $this->feeding->weekly : $this->feeding->acts,
                ...$this->fitted->acts,
                ...$this->done->acts,
                ...$more,
            ],
            $tolerance,
        );
    }
}
