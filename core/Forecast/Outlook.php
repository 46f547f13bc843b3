<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use DateTimeImmutable;
use Ithys\History\Course\Came;
use Ithys\History\Course\Course;
use Ithys\History\Course\Doses;
use Ithys\History\Course\Going;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Learning\Kit;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Simulation;
use Ithys\Path\Kind;

/** A tank as it stands now, by all that is known of it, from which it can go on in one way or another. */
final readonly class Outlook
{
    public const MOST_WEEKS = 52;

    /** Half of a band that holds 80 %, in standard deviations. */
    private const BAND = 1.2816;

    /** Working litres. */
    public float $litres;

    /**
     * @param  Simulation  $simulation  brought to the end of what is known
     * @param  float  $end  its day
     * @param  array<string, float>  $pulls  of the last readings, by parameter
     * @param  array<string, list<array{float, float}>>  $bands  days ahead and relative spread, by parameter
     * @param  Course  $present  how it goes on as it went of late
     * @param  Came  $came  what was done after that day, where it is past
     */
    private function __construct(
        private Simulation $simulation,
        public float $end,
        private array $pulls,
        private array $bands,
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
        $simulation->before($end);

        return new self(
            $simulation,
            $end,
            $fit->pulls,
            $fit->bands,
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

        return $first->with($first->simulation, array_slice($stories, 1));
    }

    /** @param  list<array{float, self}>  $others */
    private function with(Simulation $simulation, array $others): self
    {
        return new self(
            $simulation,
            $this->end,
            $this->pulls,
            $this->bands,
            $this->present,
            $this->going,
            $this->came,
            $others,
        );
    }

    /** The same with its socks taken out now, or as it is. */
    public function withoutSock(bool $isOut): self
    {
        return $this->with(
            $isOut ? $this->simulation->with(array_map(
                fn (string $stage): Act => new Act($this->end, new Mechanical($stage, null)),
                $this->going->stagesOf(Kind::Sock),
            )) : $this->simulation,
            array_map(
                static fn (array $one): array => [$one[0], $one[1]->withoutSock($isOut)],
                $this->others,
            ),
        );
    }

    /**
     * Levels on a course, twice a week, and the spread of each.
     *
     * @return array<string, list<ForecastPoint>> by parameter
     *
     * @throws InvalidLever
     */
    public function along(Course $course, int $weeks): array
    {
        $points = $this->told($course, $weeks);
        if ($this->others === []) {
            return $points;
        }
        $stories = [[1 - array_sum(array_column($this->others, 0)), $points]];
        foreach ($this->others as [$odds, $other]) {
            // What is not set differently goes on in each story as it does there.
            $stories[] = [$odds, $other->told($course->amid($this->present, $other->present), $weeks)];
        }

        return Mixture::of($stories);
    }

    /**
     * By this story alone.
     *
     * @return array<string, list<ForecastPoint>> by parameter
     *
     * @throws InvalidLever
     */
    private function told(Course $course, int $weeks): array
    {
        $days = 7.0 * min(self::MOST_WEEKS, max(1, $weeks));
        $simulation = $this->run($course, $days);
        $points = [];
        for ($ahead = 0.0; $ahead <= $days; $ahead += 3.5) {
            $now = $simulation->before($this->end + $ahead);
            foreach (Element::cases() as $element) {
                $points[$element->parameter()->value][] = $this->point($element, $ahead, $now->level($element));
            }
        }

        return $points;
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

    private function point(Element $element, float $ahead, float $level): ForecastPoint
    {
        $parameter = $element->parameter();
        // The last readings say how the model stands off; that is forgotten with time.
        $pulled = max(0.0, $level + ($this->pulls[$parameter->value] ?? 0.0)
            * Kit::model($parameter, $level) * exp(-$ahead / Kit::MEMORY));
        $spread = (1 + $this->spread($parameter->value, $ahead)) ** self::BAND;

        return new ForecastPoint($ahead, $pulled, $pulled / $spread, $pulled * $spread);
    }

    /** Relative, between the weeks it was reckoned for. */
    private function spread(string $parameter, float $ahead): float
    {
        $bands = $this->bands[$parameter] ?? [];
        $before = $bands[0] ?? [0.0, 0.0];
        foreach ($bands as $band) {
            if ($band[0] >= $ahead) {
                $share = $band[0] > $before[0] ? max(0.0, $ahead - $before[0]) / ($band[0] - $before[0]) : 0.0;

                return $before[1] + $share * ($band[1] - $before[1]);
            }
            $before = $band;
        }

        return $before[1];
    }
}
