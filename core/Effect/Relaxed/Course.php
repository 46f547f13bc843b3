<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** When the input changes: at the change that is judged, over a span of it if one is asked for, and at others. */
final readonly class Course
{
    /**
     * @param  list<float>  $others  days of other changes that can be told apart
     * @param  list<array{float, float}>  $spans  from and to, where a change is switched on and off
     */
    public function __construct(
        /** Day on which the change has settled; infinite where none is asked about. */
        public float $from,
        public array $others = [],
        /** Last day of the span that is asked for; later days have a change of their own. */
        public float $to = INF,
        /** A step of the level beside it; null where none is in the model. */
        public ?Step $step = null,
        public array $spans = [],
    ) {
    }

    /**
     * A change that is on in each of these spans, and off between them.
     *
     * @param  non-empty-list<array{float, float}>  $spans  days, in order
     * @param  list<float>  $others  days of other changes
     */
    public static function switched(array $spans, array $others = []): self
    {
        return new self(INF, $others, spans: $spans);
    }

    public function with(?Step $step): self
    {
        return new self($this->from, $this->others, $this->to, $step, $this->spans);
    }

    /** @return non-empty-list<list<float>> at each reading: start, input, change, change after, others, step */
    public function columns(Series $series, float $loss): array
    {
        return [
            $series->response($loss, 1.0, INF, INF),
            $series->response($loss, 0.0, -INF, INF),
            ...is_finite($this->from) ? [$series->response($loss, 0.0, $this->from, $this->to)] : [],
            ...$this->spans === [] ? [] : [$this->whileOn($series, $loss)],
            ...is_finite($this->to) ? [$series->response($loss, 0.0, $this->to, INF)] : [],
            ...array_map(static fn (float $day): array => $series->response($loss, 0.0, $day, INF), $this->others),
            ...$this->step === null ? [] : [$this->step->column($series, $loss)],
        ];
    }

    /** @return list<float> */
    private function whileOn(Series $series, float $loss): array
    {
        $each = array_map(static fn (array $on): array => $series->response($loss, 0.0, ...$on), $this->spans);

        return array_map(static fn (float ...$at): float => array_sum($at), ...$each);
    }

    /**
     * The same with the change that is asked about apart from what is always in the model.
     *
     * @return array{non-empty-list<list<float>>, list<float>}
     */
    public function apart(Series $series, float $loss): array
    {
        $all = $this->columns($series, $loss);
        $change = $all[2] ?? [];

        return [[...array_slice($all, 0, 2), ...array_slice($all, 3)], $change];
    }
}
