<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\Relaxed\Course;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;

/** What the water of a tank gains through time, water changes undone: the wandering net input with its band. */
final readonly class NetInput
{
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

        return $start === null ? [] : array_values(array_filter(array_map(
            static fn (KitStretch $stretch): array => self::stretch($stretch, $litres, $assumptions),
            KitStretch::through($entries, $parameter, $litres, $start, $assumptions),
        )));
    }

    /** @return list<self> */
    private static function stretch(KitStretch $stretch, float $litres, Assumptions $assumptions): array
    {
        $stick = $stretch->stick(new Course(INF), $assumptions);
        if ($stick === null) {
            return [];
        }
        $kept = array_values(array_diff_key($stretch->entries, array_flip($stick->outliers)));

        return array_map(static fn (Entry $one, array $gain): self => new self(
            $one->at,
            $litres * $gain[0],
            $litres * ($gain[0] - self::BAND * $gain[1]),
            $litres * ($gain[0] + self::BAND * $gain[1]),
        ), $kept, $stick->gains());
    }
}
