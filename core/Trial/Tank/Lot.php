<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Effect\Relaxed\Course;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What the lot says of a trial in a tank, the same for the same seed: which periods are on, or the day of the change
 * and the tank that has it. A keeper who picks the day himself picks one on which the level is high, and it falls.
 *
 * Days count from midnight after the first day, so that a reading on the day of a switch comes before it.
 */
final readonly class Lot
{
    /** Last day on which the change can come. */
    private const DAYS = 10;

    /**
     * @param  list<bool>  $order  whether each period is on: one on and one off in each two; empty without periods
     * @param  list<int>  $bounds  day on which each period begins, and the last one ends
     */
    private function __construct(
        private TankPlan $plan,
        public array $order,
        private array $bounds,
        /** Whether the second of two tanks is changed. */
        public bool $isOther,
    ) {
    }

    /** @param  array<int, int>  $made  days on which it was really switched, by the planned ones */
    public static function draw(TankPlan $plan, int $seed, array $made = []): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $phase = $plan->schedule->phaseDays;
        if ($plan->form !== Form::Switched) {
            $day = $random->getInt(0, self::DAYS);
            $isOther = $plan->form === Form::Paired && $random->getInt(0, 1) === 1;

            return new self($plan, [], [$day, ($made[$day] ?? $day) + $phase], $isOther);
        }
        $order = [];
        for ($period = 0; $period < $plan->schedule->periods; $period += 2) {
            $isFirst = $random->getInt(0, 1) === 1;
            array_push($order, $isFirst, ! $isFirst);
        }
        $bounds = array_map(
            static fn (int $period): int => $made[$period * $phase] ?? $period * $phase,
            range(0, count($order)),
        );

        return new self($plan, $order, $bounds, false);
    }

    /** Day of the trial on which the change is planned; the first switch of a switched one. */
    public function changeDay(): int
    {
        return $this->switches()[0]['day'];
    }

    public function lastDay(): int
    {
        return $this->bounds[count($this->bounds) - 1];
    }

    /** @return list<int> days on which the tank is read */
    public function days(): array
    {
        return range(0, $this->lastDay(), min($this->plan->schedule->every, $this->lastDay()));
    }

    /**
     * @return non-empty-list<array{planned: int, day: int, isOn: bool}> days on which something is done, in order;
     *   periods alike in a row need none
     */
    public function switches(): array
    {
        $switches = [];
        $was = false;
        foreach ($this->order === [] ? [] : [...$this->order, false] as $period => $isOn) {
            if ($isOn !== $was) {
                $switches[] = [
                    'planned' => $period * $this->plan->schedule->phaseDays,
                    'day' => $this->bounds[$period],
                    'isOn' => $isOn,
                ];
            }
            $was = $isOn;
        }

        return $switches === []
            ? [['planned' => $this->bounds[0], 'day' => $this->bounds[0], 'isOn' => true]]
            : $switches;
    }

    /**
     * Days on which a switch may have been made: after the one before it, before the next, and not to come.
     *
     * @param  int  $today  day of the trial
     * @return ?array{int, int} first and last; null where nothing is switched on that planned day
     */
    public function window(int $planned, int $today): ?array
    {
        $switches = $this->switches();
        $at = array_search($planned, array_column($switches, 'planned'), true);

        return $at === false ? null : [
            $at === 0 ? 0 : $switches[$at - 1]['day'] + 1,
            min($today, ($switches[$at + 1]['day'] ?? $today + 1) - 1),
        ];
    }

    /** @return list<array{float, float}> days from and to which it is on */
    public function spans(): array
    {
        if ($this->order === []) {
            return [[(float) $this->bounds[0], (float) $this->lastDay()]];
        }

        return array_map(
            fn (int $period): array => [(float) $this->bounds[$period], (float) $this->bounds[$period + 1]],
            array_keys($this->order, true, true),
        );
    }

    /** @param  list<float>  $others  days of other changes */
    public function course(array $others = []): Course
    {
        $spans = $this->spans();

        return $this->order === [] || $spans === []
            ? new Course((float) $this->bounds[0], $others)
            : Course::switched($spans, $others);
    }

    /** Number of the period of a day, from zero; null outside. */
    public function periodOf(float $day): ?int
    {
        foreach (array_keys($this->order) as $period) {
            if ($day <= $this->bounds[$period + 1]) {
                return $period;
            }
        }

        return null;
    }

    /** Whether a reading is taken while the last switch still works on. */
    public function isWashout(float $day): bool
    {
        foreach ($this->switches() as $switch) {
            if ($day > $switch['day'] && $day <= $switch['day'] + $this->plan->schedule->washoutDays) {
                return true;
            }
        }

        return false;
    }
}
