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

/** What the water of a tank gains through time, water changes undone: the wandering net input with its band. */
final readonly class NetInput
{
    /** Readings that make a stretch. */
    private const LEAST = 6;

    /** Half of a band that holds 90 %, in standard deviations. */
    private const BAND = 1.645;

    private function __construct(
        public DateTimeImmutable $at,
        /** mg a day. */
        public float $estimate,
        public float $low,
        public float $high,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @return list<list<self>> stretches that one kit was read over, each reading by reading
     */
    public static function through(
        array $entries,
        Parameter $parameter,
        float $litres,
        Assumptions $assumptions,
    ): array {
        $start = $entries[0]->at ?? null;
        if ($start === null) {
            return [];
        }
        $dilutions = [];
        $stretches = [];
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
                $stretches[count($stretches) - ($joined === null ? 0 : 1)][] = [$day, $entry, $reading];
                $stretch = $joined ?? Stretch::from($reading, $day);
            }
        }

        return array_values(array_filter(array_map(
            static fn (array $stretch): array => self::stretch($stretch, $dilutions, $litres, $assumptions),
            $stretches,
        )));
    }

    /**
     * @param  non-empty-list<array{float, Entry, Reading}>  $stretch
     * @param  list<Dilution>  $dilutions
     * @return list<self>
     */
    private static function stretch(array $stretch, array $dilutions, float $litres, Assumptions $assumptions): array
    {
        $half = $assumptions->value(Assumed::BelowLimit);
        $seen = array_map(static fn (array $one): Observation => new Observation(
            $one[0],
            $one[2]->belowLimit ? $half * $one[2]->value : $one[2]->value,
            $one[2]->step,
            belowLimit: $one[2]->belowLimit,
        ), $stretch);
        $levels = array_map(static fn (Observation $one): float => $one->mgPerLitre, $seen);
        $n = count($seen);
        if ($n < self::LEAST) {
            return [];
        }
        try {
            $stick = RelaxedStick::of(
                new Series(
                    array_map(static fn (Observation $one): float => $one->day, $seen),
                    $levels,
                    array_fill(0, $n, 1.0),
                    array_map(static fn (Observation $one): float => $one->leastVariance($half), $seen),
                    $dilutions,
                    $assumptions->value(Assumed::SourceWater),
                ),
                new Course(INF),
                array_sum($levels) / $n,
                Evidence::resolutionOf($seen),
                $assumptions->value(Assumed::TankWander),
            );
        } catch (SingularFit) {
            return [];
        }
        $kept = array_values(array_diff_key($stretch, array_flip($stick->outliers)));

        return array_map(static fn (array $one, array $gain): self => new self(
            $one[1]->at,
            $litres * $gain[0],
            $litres * ($gain[0] - self::BAND * $gain[1]),
            $litres * ($gain[0] + self::BAND * $gain[1]),
        ), $kept, $stick->gains());
    }
}
