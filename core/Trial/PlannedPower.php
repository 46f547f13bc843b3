<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Statistics\TPower;

/** The smallest difference that a plan shows in four of five such trials, and what more would buy. */
final readonly class PlannedPower
{
    /** How many times finer the kit of the comparison is. */
    private const FINER = 5.0;

    private const MORE_WEEKS = 4;

    /** Units an arm over which it is drawn. */
    private const FROM = 2;

    private const TO = 8;

    public function __construct(private TrialPlan $plan, private TrialRead $read)
    {
    }

    /** At the end, in the unit of the parameter; null where the plan can show none. */
    public function smallest(): ?float
    {
        return $this->with($this->plan->setup->units, $this->read->scatter);
    }

    /**
     * At the end, and grown evenly over its weeks.
     *
     * @return list<array{what: string, smallest: ?float, perWeek: ?float}>
     */
    public function options(): array
    {
        $setup = $this->plan->setup;
        $scatter = $this->read->scatter;
        $option = fn (string $what, int $units, int $weeks, Scatter $by): array => [
            'what' => $what,
            'smallest' => $smallest = $this->with($units, $by),
            'perWeek' => $smallest === null ? null : $smallest / $weeks,
        ];

        return [
            $option('As planned', $setup->units, $setup->weeks, $scatter),
            $option('One more unit per arm', $setup->units + 1, $setup->weeks, $scatter),
            $option('Two more units per arm', $setup->units + 2, $setup->weeks, $scatter),
            $option('Four more weeks', $setup->units, $setup->weeks + self::MORE_WEEKS, $scatter),
            $option('A kit with a fifth of the step', $setup->units, $setup->weeks, $scatter->finer(self::FINER)),
        ];
    }

    /** @return list<array{units: int, smallest: float, finer: float}> by units an arm, with this kit and a finer one */
    public function curve(): array
    {
        $scatter = $this->read->scatter;

        return array_map(fn (int $units): array => [
            'units' => $units,
            'smallest' => (float) $this->with($units, $scatter),
            'finer' => (float) $this->with($units, $scatter->finer(self::FINER)),
        ], range(self::FROM, self::TO));
    }

    /** Nothing finer than a step of the kit is told. */
    private function with(int $units, Scatter $scatter): ?float
    {
        $smallest = TPower::smallest($units, alpha: TPower::ALPHA / $this->plan->comparisons());

        return $smallest === null ? null : max($scatter->step, $smallest * $scatter->whole());
    }
}
