<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** When the input changes: at the change that is judged, over a span of it if one is asked for, and at others. */
final readonly class Course
{
    /** @param  list<float>  $others  days of other changes that can be told apart */
    public function __construct(
        /** Day on which the change has settled; infinite where none is asked about. */
        public float $from,
        public array $others = [],
        /** Last day of the span that is asked for; later days have a change of their own. */
        public float $to = INF,
        /** Day on which the level itself stepped, instead of what comes in; null where none did. */
        public ?float $jump = null,
    ) {
    }

    /** @return non-empty-list<list<float>> at each reading: start, input, change or jump, change after, others */
    public function columns(Series $series, float $loss): array
    {
        return [
            $series->response($loss, 1.0, INF, INF),
            $series->response($loss, 0.0, -INF, INF),
            ...$this->jump === null ? [] : [$series->pulse($loss, $this->jump)],
            ...is_finite($this->from) ? [$series->response($loss, 0.0, $this->from, $this->to)] : [],
            ...is_finite($this->to) ? [$series->response($loss, 0.0, $this->to, INF)] : [],
            ...array_map(static fn (float $day): array => $series->response($loss, 0.0, $day, INF), $this->others),
        ];
    }
}
