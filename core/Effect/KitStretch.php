<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\Relaxed\Course;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Series;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\Stretch;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Statistics\SingularFit;

/** Readings of one kit in a row, with the water changes around them. */
final readonly class KitStretch
{
    /** Readings that a model of them needs. */
    public const LEAST = 6;

    /**
     * @param  non-empty-list<Observation>  $observations  in order of time, days from a moment
     * @param  non-empty-list<Entry>  $entries  the same as they were logged
     * @param  list<Dilution>  $dilutions  in order of time
     */
    private function __construct(public array $observations, public array $entries, public array $dilutions)
    {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  DateTimeImmutable  $start  from which days count
     * @return list<self> in order of time
     */
    public static function through(
        array $entries,
        Parameter $parameter,
        float $litres,
        DateTimeImmutable $start,
        Assumptions $assumptions,
    ): array {
        $half = $assumptions->value(Assumed::BelowLimit);
        $dilutions = $observations = $read = [];
        $stretch = null;
        foreach ($entries as $entry) {
            $day = $entry->daysAfter($start);
            if ($entry->payload instanceof WaterChange) {
                $dilutions[] = new Dilution(
                    $day,
                    $entry->payload->shareOf($litres),
                    $entry->payload->brings($parameter),
                );
            } elseif ($entry->payload instanceof Reading && $entry->payload->parameter === $parameter) {
                $reading = $entry->payload;
                $joined = $stretch?->with($reading, $day);
                $at = count($read) - ($joined === null ? 0 : 1);
                $observations[$at][] = new Observation(
                    $day,
                    $reading->belowLimit ? $half * $reading->value : $reading->value,
                    $reading->step,
                    $reading->cloudy,
                    $reading->belowLimit,
                    $reading->method,
                );
                $read[$at][] = $entry;
                $stretch = $joined ?? Stretch::from($reading, $day);
            }
        }

        return array_map(
            static fn (array $one, array $as): self => new self($one, $as, $dilutions),
            $observations,
            $read,
        );
    }

    /** The same with these readings alone; null where none is left. */
    public function only(callable $isKept): ?self
    {
        $kept = array_filter($this->observations, $isKept);
        [$observations, $entries] = [array_values($kept), array_values(array_intersect_key($this->entries, $kept))];

        return $observations === [] || $entries === [] ? null : new self($observations, $entries, $this->dilutions);
    }

    /** mg/L, the mean of all. */
    public function level(): float
    {
        return array_sum(array_map(static fn (Observation $one): float => $one->mgPerLitre, $this->observations))
            / count($this->observations);
    }

    /** The model of them; null where too few readings fix it. */
    public function stick(Course $course, Assumptions $assumptions): ?RelaxedStick
    {
        $n = count($this->observations);
        if ($n < self::LEAST) {
            return null;
        }
        $half = $assumptions->value(Assumed::BelowLimit);
        try {
            return RelaxedStick::of(
                new Series(
                    array_map(static fn (Observation $one): float => $one->day, $this->observations),
                    array_map(static fn (Observation $one): float => $one->mgPerLitre, $this->observations),
                    array_fill(0, $n, 1.0),
                    array_map(static fn (Observation $one): float => $one->leastVariance($half), $this->observations),
                    $this->dilutions,
                    $assumptions->value(Assumed::SourceWater),
                ),
                $course,
                $this->level(),
                Evidence::resolutionOf($this->observations),
                $assumptions->value(Assumed::TankWander),
            );
        } catch (SingularFit) {
            return null;
        }
    }
}
