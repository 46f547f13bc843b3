<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/**
 * A tank through time. It is stepped from one lever to the next; a moment that is asked for is reached by a step to the
 * side, so that what is asked for changes nothing of what follows.
 *
 * Method: Dormand and Prince 1980, order 5 with an error of order 4; coefficients from memory.
 */
final class Simulation
{
    private const A = [
        [],
        [1 / 5],
        [3 / 40, 9 / 40],
        [44 / 45, -56 / 15, 32 / 9],
        [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
        [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
    ];

    private const B = [35 / 384, 0.0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84];

    private const C = [0.0, 1 / 5, 3 / 10, 4 / 5, 8 / 9, 1.0];

    /** Weights of the error, the last for the rate at the end. */
    private const E = [
        71 / 57600, 0.0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40,
    ];

    /** mg, g or mg of carbon that are as good as nothing. */
    private const NOTHING = 0.01;

    private const LONGEST_STEP = 7.0;

    /** Step times rate over which a step is stiff, and how many of them in a row are followed by another method. */
    private const STIFF = 3.0;

    private const IN_A_ROW = 4;

    /** @var list<Act> in order */
    private array $acts;

    /** Index of the next act. */
    private int $next = 0;

    private int $stiff = 0;

    /** Of the day and state as they are, where the piece is stiff. */
    private ?StiffStep $stiffStep = null;

    private Plant $plant;

    private Piece $piece;

    private float $day = 0.0;

    private float $step = 0.1;

    /** @var array<int, float> */
    private array $y = [];

    /** @var array<int, float> summed over the piece */
    private array $lines = [];

    /** @var ?array<int, float> at the day, where it is known from the step before */
    private ?array $rates = null;

    /**
     * Day, state, lines and rates after the step ahead.
     *
     * @var ?array{float, array<int, float>, array<int, float>, array<int, float>}
     */
    private ?array $ahead = null;

    /** How often rates were worked out. */
    public int $evaluations = 0;

    /**
     * @param  list<Act>  $acts  in any order
     *
     * @throws InvalidLever
     */
    public function __construct(
        Basin $basin,
        private readonly Start $start,
        Parameters $parameters,
        array $acts,
        private readonly float $tolerance = 1e-6,
    ) {
        $this->acts = Act::inOrder($acts);
        $this->plant = new Plant($basin, $parameters);
        $this->begin();
    }

    public function __clone()
    {
        $this->plant = clone $this->plant;
    }

    /**
     * As it stands on a day, with all done that is done at that moment. Days are asked for in order.
     *
     * @throws InvalidLever
     */
    public function at(float $day): Snapshot
    {
        $this->advance($day, true);

        return $this->snapshot($day);
    }

    /**
     * As it stands on a day, before what is done at that moment: what a reading sees.
     *
     * @throws InvalidLever
     */
    public function before(float $day): Snapshot
    {
        $this->advance($day, false);

        return $this->snapshot($day);
    }

    /**
     * The same from where it stands, with more done from then on.
     *
     * @param  list<Act>  $more  none of them before the last day that was asked for
     *
     * @throws InvalidLever
     */
    public function with(array $more): self
    {
        $other = clone $this;
        $other->acts = [
            ...array_slice($this->acts, 0, $this->next),
            ...Act::inOrder([...array_slice($this->acts, $this->next), ...$more]),
        ];
        $other->piece->settle($other->plant, $other->day, $other->y, $other->lines);
        $other->ahead = null;
        $other->actUntil($other->day);

        return $other;
    }

    public function parameters(): Parameters
    {
        return $this->plant->parameters;
    }

    public function litres(): float
    {
        return $this->plant->basin->litres;
    }

    /** What stands at the start, and what is at rest under it. */
    private function begin(): void
    {
        $plant = $this->plant;
        $litres = $plant->basin->litres;
        $plant->inorganic = [
            $this->start->nitrate * $litres / Element::Nitrogen->ion(),
            $this->start->phosphate * $litres / Element::Phosphorus->ion(),
        ];
        $plant->rock = $this->start->rockFactor
            * $plant->rockAt($this->start->rockAtPhosphate ?? $this->start->phosphate);
        $plant->settled = $this->start->settled;
        $plant->organic = $this->start->organic;
        if ($this->start->steady) {
            // What rests depends on what is fed and fitted first, and is there before any of it moves.
            $first = clone $plant;
            foreach ($this->acts as $act) {
                if ($act->day <= 0.0) {
                    $act->lever->act($first);
                }
            }
            [$plant->settled, $plant->organic] = (new Piece($first, 0.0, INF))->atRest();
        }
        $this->actUntil(0.0);
    }

    /** @throws InvalidLever */
    private function actUntil(float $day): void
    {
        $this->plant->day = $day;
        while (($this->acts[$this->next]->day ?? INF) <= $day + Feeding::AT_ONCE) {
            $this->acts[$this->next++]->lever->act($this->plant);
        }
        $to = min($this->acts[$this->next]->day ?? INF, $this->plant->feeding->next($day));
        if ($to <= $day) {
            throw InvalidLever::noTime($day);
        }
        $this->piece = new Piece($this->plant, $day, $to);
        $this->day = $day;
        $this->y = $this->piece->state();
        $this->lines = array_fill(0, Piece::LINES, 0.0);
        $this->rates = null;
        $this->stiff = 0;
        $this->stiffStep = null;
    }

    private function advance(float $day, bool $withActs): void
    {
        while (true) {
            if ($this->day >= $this->piece->to && ($withActs ? $this->day <= $day : $this->day < $day)) {
                $this->piece->settle($this->plant, $this->day, $this->y, $this->lines);
                $this->actUntil($this->day);

                continue;
            }
            if ($this->day >= $day) {
                return;
            }
            $this->ahead ??= $this->stepAhead();
            if ($this->ahead[0] > $day) {
                return;
            }
            [$this->day, $this->y, $this->lines, $this->rates] = $this->ahead;
            $this->ahead = $this->stiffStep = null;
        }
    }

    private function snapshot(float $day): Snapshot
    {
        [$y, $lines] = [$this->y, $this->lines];
        if ($day > $this->day) {
            [$y, $lines] = $this->stepped($day - $this->day);
        }
        $plant = clone $this->plant;
        $this->piece->settle($plant, $day, $y, $lines);

        return new Snapshot($plant, Balance::of($plant));
    }

    /**
     * A step whose error is small enough.
     *
     * @return array{float, array<int, float>, array<int, float>, array<int, float>}
     */
    private function stepAhead(): array
    {
        $left = $this->piece->to - $this->day;
        while (true) {
            // A last step that would leave next to nothing takes that too.
            $isLast = $this->step >= $left * 0.999_999;
            $step = $isLast ? $left : $this->step;
            [$y, $lines, $rates, $error] = $this->stepped($step, true);
            $power = $this->isStiff() ? -0.25 : -0.2;
            $grow = $error > 0.0 ? min(5.0, max(0.2, 0.9 * $error ** $power)) : 5.0;
            if ($error <= 1.0) {
                // A step cut short by a lever says little of how long the next may be.
                $this->step = min(self::LONGEST_STEP, $isLast ? max($this->step, $step * $grow) : $step * $grow);

                return [$isLast ? $this->piece->to : $this->day + $step, $y, $lines, $rates];
            }
            $this->step = $step * $grow;
            if ($this->day + $this->step <= $this->day) {
                throw InvalidLever::noTime($this->day);
            }
        }
    }

    /**
     * State and lines after a step, the rates then, and the error in units of what is allowed.
     *
     * @return array{array<int, float>, array<int, float>, array<int, float>, float}
     */
    private function stepped(float $step, bool $watch = false): array
    {
        if ($this->isStiff()) {
            return $this->stiffly($step);
        }
        $piece = $this->piece;
        $n = $piece->size;
        $y = $this->y;
        [$n0, $p0] = $piece->forcing($this->day);
        $this->rates ??= $piece->rates($y, $n0, $p0);
        $k = [$this->rates];
        [$sumN, $sumP] = [self::B[0] * $n0, self::B[0] * $p0];
        for ($stage = 1; $stage < 6; $stage++) {
            $at = $y;
            $row = self::A[$stage];
            for ($i = 0; $i < $n; $i++) {
                $sum = 0.0;
                foreach ($row as $j => $weight) {
                    $sum += $weight * $k[$j][$i];
                }
                $at[$i] += $step * $sum;
            }
            [$forcedN, $forcedP] = $piece->forcing($this->day + self::C[$stage] * $step);
            $sumN += self::B[$stage] * $forcedN;
            $sumP += self::B[$stage] * $forcedP;
            $k[] = $piece->rates($at, $forcedN, $forcedP);
        }
        $end = $y;
        $lines = $this->lines;
        $last = $n + Piece::LINES;
        for ($i = 0; $i < $last; $i++) {
            $sum = self::B[0] * $k[0][$i] + self::B[2] * $k[2][$i] + self::B[3] * $k[3][$i]
                + self::B[4] * $k[4][$i] + self::B[5] * $k[5][$i];
            if ($i < $n) {
                $end[$i] += $step * $sum;
            } else {
                $lines[$i - $n] += $step * $sum;
            }
        }
        [$forcedN, $forcedP] = $piece->forcing($this->day + $step);
        $k[] = $piece->rates($end, $forcedN, $forcedP);
        $this->evaluations += 6;
        $error = 0.0;
        for ($i = 0; $i < $n; $i++) {
            $off = self::E[0] * $k[0][$i] + self::E[2] * $k[2][$i] + self::E[3] * $k[3][$i] + self::E[4] * $k[4][$i]
                + self::E[5] * $k[5][$i] + self::E[6] * $k[6][$i];
            $off = abs($step * $off) / ($this->tolerance * (abs($end[$i]) + self::NOTHING));
            $error = $off > $error ? $off : $error;
        }
        if ($watch) {
            $this->watch($step, $k, $end, $at);
        }
        // What comes to the organics is known exactly; what the method made of it is put right, so that mass closes.
        [$exactN, $exactP] = $piece->forced($this->day, $step);
        $end[0] += $exactN - $step * $sumN;
        $end[1] += $exactP - $step * $sumP;

        return [$end, $lines, $k[6], is_nan($error) ? INF : $error];
    }

    private function isStiff(): bool
    {
        return $this->stiff >= self::IN_A_ROW;
    }

    /**
     * How fast the fastest turns over, from what the last stage and the end differ by (Hairer, Nørsett and Wanner).
     *
     * @param  array<int, array<int, float>>  $k
     * @param  array<int, float>  $end
     * @param  array<int, float>  $at  the state of the last stage
     */
    private function watch(float $step, array $k, array $end, array $at): void
    {
        $rates = $states = 0.0;
        for ($i = 0; $i < $this->piece->size; $i++) {
            $rates += ($k[6][$i] - $k[5][$i]) ** 2;
            $states += ($end[$i] - $at[$i]) ** 2;
        }
        $this->stiff = $states > 0.0 && $step * sqrt($rates / $states) > self::STIFF ? $this->stiff + 1 : 0;
    }

    /** @return array{array<int, float>, array<int, float>, array<int, float>, float} as {@see stepped()} */
    private function stiffly(float $step): array
    {
        if ($this->stiffStep === null) {
            $this->stiffStep = new StiffStep($this->piece, $this->day, $this->y);
            $this->evaluations += $this->piece->size + 1;
        }
        [$end, $summed, $forced, $off] = $this->stiffStep->by($step);
        $this->evaluations += 6;
        $error = 0.0;
        foreach ($off as $i => $one) {
            $error = max($error, abs($one) / ($this->tolerance * (abs($end[$i]) + self::NOTHING)));
        }
        [$exactN, $exactP] = $this->piece->forced($this->day, $step);
        $end[0] += $exactN - $forced[0];
        $end[1] += $exactP - $forced[1];
        $lines = array_map(static fn (float $one, float $more): float => $one + $more, $this->lines, $summed);
        [$n, $p] = $this->piece->forcing($this->day + $step);

        return [$end, $lines, $this->piece->rates($end, $n, $p), is_nan($error) ? INF : $error];
    }
}
