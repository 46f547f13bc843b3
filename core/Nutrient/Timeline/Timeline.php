<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Journal\Entry;
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
    private function __construct(
        public DateTimeImmutable $to,
        public Read $read,
        private Feeding $feeding,
        private Fitted $fitted,
        private Done $done,
        /** How it goes on as it went of late. */
        public Course $course,
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
        $read = Read::of($entries, $assumptions);
        $setup = $setups[count($setups) - 1][1];
        $litres = $setup->workingVolume()->litres;
        if ($litres <= 0.0) {
            throw Missing::water();
        }
        $fitted = Fitted::of($entries, $setups, $read->from, $litres, $assumptions);
        $hasSkimmer = $setup->path !== null && $setup->path->itemsOf(Kind::Skimmer) !== [];

        return new self(
            $to,
            $read,
            Feeding::of($entries, $read->from, ($to->getTimestamp() - $read->from->getTimestamp()) / 86_400),
            $fitted,
            Done::of($entries, $read->from, $fitted, $assumptions),
            Course::present($entries, $to, $hasSkimmer),
            $assumptions,
        );
    }

    /** Days from the start to a moment. */
    public function day(DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() - $this->read->from->getTimestamp()) / 86_400;
    }

    /** From its end on, as the readings have taught. @throws InvalidLever */
    public function outlook(Fit $fit): Outlook
    {
        $simulation = $this->simulation($fit->parameters($this), $fit->start($this));
        $end = $this->day($this->to);
        $simulation->before($end);

        return new Outlook(
            $simulation,
            $end,
            $fit->pulls,
            $fit->bands,
            $this->course,
            $this->fitted->stages[count($this->fitted->stages) - 1][1] ?? [],
            $this->fitted->cultures,
            $this->assumptions->value('algae-dry'),
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

    /** @return list<Medium> that were charged */
    public function charges(): array
    {
        return $this->done->media;
    }

    /** Whether lit algae are in the path. */
    public function hasAlgae(): bool
    {
        return $this->fitted->cultures !== [];
    }

    /** @return list<Act> what is done after the end, on a course */
    public function ahead(Course $course, float $days): array
    {
        return $course->acts(
            $this->day($this->to),
            $days,
            $this->fitted->stages[count($this->fitted->stages) - 1][1] ?? [],
            $this->fitted->cultures,
            $this->assumptions->value('algae-dry'),
        );
    }

    /**
     * @param  list<Act>  $more  done beside what the journal says
     * @param  bool  $byWeek  whether food comes at a steady rate each week, which is faster
     */
    public function simulation(
        ?Parameters $parameters = null,
        ?Start $start = null,
        array $more = [],
        float $tolerance = 1e-5,
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
