<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use DateTimeImmutable;
use Ithys\Forecast\Bands\Alarm;
use Ithys\Forecast\Bands\Band;
use Ithys\Forecast\Bands\Nutrient;
use Ithys\Forecast\Bands\Past;
use Ithys\History\Course\Came;
use Ithys\History\Course\Course;
use Ithys\History\Course\Doses;
use Ithys\History\Course\Going;
use Ithys\History\LastChange;
use Ithys\History\Lever;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Simulation;
use Ithys\Quantity\Text;

/** A tank as it stands now, by all that is known of it, from which it can go on in one way or another. */
final readonly class Outlook
{
    public const MOST_WEEKS = 52;

    /** Days from one point to the next. */
    private const STEP = 3.5;

    /** Working litres. */
    public float $litres;

    /**
     * @param  Simulation  $simulation  brought to the end of what is known
     * @param  float  $end  its day
     * @param  array<string, Band>  $bands  by parameter
     * @param  Course  $present  how it goes on as it went of late
     * @param  Came  $came  what was done after that day, where it is past
     */
    private function __construct(
        private Simulation $simulation,
        public float $end,
        private array $bands,
        /** Whether something seems to have changed that nobody logged. */
        public Alarm $alarm,
        public Course $present,
        public Going $going,
        private Came $came,
        /** @var list<array{float, self}> the same tank by other stories of its silences, with their odds */
        private array $others = [],
    ) {
        $this->litres = $simulation->litres();
    }

    /**
     * From the end of what is known on, or from a moment before it, as the readings have taught.
     *
     * @throws InvalidLever
     * @throws Missing for a moment before the first readings
     */
    public static function of(Timeline $timeline, Fit $fit, ?DateTimeImmutable $then = null): self
    {
        $end = $timeline->day($then ?? $timeline->to);
        if ($end < 0.0) {
            throw Missing::thatFarBack();
        }
        $simulation = $timeline->simulation($fit->parameters($timeline), $fit->start($timeline), until: $end);
        $now = $simulation->before($end);
        $pasts = array_map(
            static fn (Element $element): Past => Past::of($element->parameter(), $fit->residuals, $end),
            Element::cases(),
        );
        $alarm = Alarm::over($pasts);
        $last = $timeline->lastChange();
        if ($last === null || $last->daysAgo > $timeline->day($timeline->to) - $end) {
            $last = $timeline->lastChange($then);
        } else {
            // It came after the moment that is looked back to, and is known: it goes on as it really went.
            $last = LastChange::made($last->lever, 0.0);
        }
        $bands = [];
        foreach (Element::cases() as $n => $element) {
            $bands[$element->parameter()->value] = Band::of($pasts[$n], $now->level($element), $alarm, $last);
        }

        return new self(
            $simulation,
            $end,
            $bands,
            $alarm,
            $timeline->course($then),
            $timeline->going($end),
            new Came(
                $timeline->day($timeline->to),
                $timeline->course(),
                array_values(array_filter($timeline->acts(), static fn (Act $act): bool => $act->day > $end)),
            ),
        );
    }

    /**
     * The same tank by every story that its silences allow, the likeliest first.
     *
     * @param  non-empty-list<array{float, self}>  $stories  with their odds, which make one
     */
    public static function among(array $stories): self
    {
        $first = $stories[0][1];

        return new self(
            $first->simulation,
            $first->end,
            $first->bands,
            $first->alarm,
            $first->present,
            $first->going,
            $first->came,
            array_slice($stories, 1),
        );
    }

    /** @return array<string, Text> how forecasts of before came true, by parameter; none where too few did */
    public function came(): array
    {
        return array_filter(array_map(static fn (Band $band): ?Text => $band->says(), $this->bands));
    }

    /**
     * Levels on a course, twice a week, and between which ends each lies.
     *
     * @return array<string, list<ForecastPoint>> by parameter
     *
     * @throws InvalidLever
     */
    public function along(Course $course, int $weeks): array
    {
        $stories = [[1 - array_sum(array_column($this->others, 0)), $this->told($course, $weeks)]];
        foreach ($this->others as [$odds, $other]) {
            // What is not set differently goes on in each story as it does there.
            $stories[] = [$odds, $other->told($course->amid($this->present, $other->present), $weeks)];
        }

        return Mixture::of($stories);
    }

    /**
     * By what share a nutrient is lower on one course than on another after some weeks: the middle, and the ends of
     * 80 %.
     *
     * @return array<string, array{float, float, float}> by parameter
     *
     * @throws InvalidLever
     */
    public function lower(Course $course, Course $than, int $weeks): array
    {
        $days = 7.0 * $weeks;
        $lever = $course->differsFrom($than) ?? Lever::Other;
        [$levels, $others] = [$this->levels($course, $days), $this->levels($than, $days)];
        $lower = [];
        foreach ($this->bands as $key => $band) {
            $n = count($levels[$key]) - 1;
            $lower[$key] = $band->lower($others[$key][$n], $levels[$key][$n] - $others[$key][$n], $lever);
        }

        return $lower;
    }

    /**
     * By this story alone.
     *
     * @return array<string, list<array{float, float, float}>> days ahead, middle and spread on the scale of the
     *   nutrient, by parameter
     *
     * @throws InvalidLever
     */
    private function told(Course $course, int $weeks): array
    {
        $days = 7.0 * min(self::MOST_WEEKS, max(1, $weeks));
        $goesOn = $this->levels($this->present, $days);
        $tried = $course->differsFrom($this->present);
        $other = $tried === null ? $goesOn : $this->levels($course, $days);
        $told = [];
        foreach ($this->bands as $key => $band) {
            foreach ($goesOn[$key] as $n => $level) {
                $ahead = self::STEP * $n;
                $told[$key][] = [$ahead, ...$band->at(
                    $ahead,
                    $level - $goesOn[$key][0],
                    $other[$key][$n] - $level,
                    $tried ?? Lever::Other,
                )];
            }
        }

        return $told;
    }

    /**
     * By the model, on the scale of each nutrient.
     *
     * @return array<string, list<float>> by parameter
     *
     * @throws InvalidLever
     */
    private function levels(Course $course, float $days): array
    {
        $simulation = $this->run($course, $days);
        $levels = [];
        for ($ahead = 0.0; $ahead <= $days; $ahead += self::STEP) {
            $now = $simulation->before($this->end + $ahead);
            foreach (Element::cases() as $element) {
                $parameter = $element->parameter();
                $levels[$parameter->value][] = Nutrient::of($parameter)->scale($now->level($element));
            }
        }

        return $levels;
    }

    /** mL of spirit a day that hold as much carbon as what is dosed. */
    public function asSpirit(Doses $doses): float
    {
        $parameters = $this->simulation->parameters();
        $each = static fn (string $source): float => $parameters->row('carbon_mg_per_ml', $source)[0] ?? 0.0;
        $carbon = 0.0;
        foreach ($doses->perDay as $source => $millilitres) {
            $carbon += $millilitres * $each($source);
        }

        return $carbon / $each('spirit');
    }

    /**
     * The tank on a course, from the day {@see $end} on.
     *
     * @throws InvalidLever
     */
    public function run(Course $course, float $days): Simulation
    {
        return $this->simulation->with($this->came->acts(
            $course->byLever($this->end, $days, $this->going),
            $this->present->byLever($this->end, $days, $this->going),
            $this->came->onward->byLever($this->came->until, $days, $this->going),
        ));
    }
}
