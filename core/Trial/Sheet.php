<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Journal\Reading\Parameter;

/** All readings of a trial. */
final readonly class Sheet
{
    /** A unit counts at the end where it was read on one of the last planned days. */
    private const LAST = 2;

    /** @param  array<string, array<string, array<int, TrialReading>>>  $cells  by parameter, unit and day */
    public function __construct(private array $cells)
    {
    }

    public function at(Parameter $parameter, string $unit, int $day): ?TrialReading
    {
        return $this->cells[$parameter->value][$unit][$day] ?? null;
    }

    /** @return array<int, TrialReading> by day */
    public function of(Parameter $parameter, string $unit): array
    {
        return $this->cells[$parameter->value][$unit] ?? [];
    }

    /** @return list<TrialReading> */
    public function all(): array
    {
        return array_merge(...array_map(
            static fn (array $units): array => array_merge(...array_map(array_values(...), array_values($units))),
            array_values($this->cells),
        ));
    }

    /** @return array<int, float> levels by day, in order */
    public function course(Parameter $parameter, string $unit): array
    {
        $course = array_filter(
            array_map(static fn (TrialReading $one): ?float => $one->level(), $this->of($parameter, $unit)),
            static fn (?float $one): bool => $one !== null,
        );
        ksort($course);

        return $course;
    }

    /** The level of a unit at the end; null where it was not read then. */
    public function end(TrialPlan $plan, Parameter $parameter, string $unit): ?float
    {
        $course = $this->course($parameter, $unit);
        $at = array_intersect(array_keys($course), array_slice($plan->setup->days(), -self::LAST));

        return $at === [] ? null : $course[max($at)];
    }

    /** Why a unit has no level at the end. */
    public function reason(Parameter $parameter, string $unit): string
    {
        $why = array_filter(array_map(
            static fn (TrialReading $one): string => $one->missing,
            $this->of($parameter, $unit),
        ));

        return $why === [] ? 'not read at the end' : end($why);
    }
}
