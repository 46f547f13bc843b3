<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Finding;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** The answer to a {@see Question}: the verdict in words, the rates behind it and what to read with care. */
final readonly class Judgement
{
    public Verdict $verdict;

    /**
     * @param  ?Rates  $rates  null where there are too few readings for a fit
     * @param  float  $wantedPerDay  the smallest difference worth knowing, mg a day
     * @param  list<array{day: float, ppm: float}>  $line  the fit with the water changes put back, per reading used;
     *   day from the change
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Question $question,
        public Answer $answer,
        public ?Rates $rates,
        public Readings $readings,
        public float $wantedPerDay,
        public array $line,
        public array $findings,
    ) {
        $this->verdict = $answer->verdict;
    }

    /** mg that the water lost by it since, or at once; null where no answer can be given. */
    public function lost(): ?Interval
    {
        return $this->known() === null
            ? null
            : ($this->rates->jump ?? $this->rates?->difference->times($this->readings->days))?->times(-1.0);
    }

    /**
     * How well the answer is known, so that answers can be ranked; null where none can be given. A difference counts by
     * how many times the reach of its interval it is, and ranks before none; none counts by how closely it is held.
     */
    public function known(): ?float
    {
        $difference = $this->rates->jump ?? $this->rates?->difference;
        if ($difference === null || $this->verdict === Verdict::CannotTellYet) {
            return null;
        }
        if ($this->verdict === Verdict::NoDifferenceShown) {
            $reach = max(abs($difference->low), abs($difference->high));

            return min(0.99, $reach > 0.0 ? 0.5 * $this->wantedPerDay / $reach : 0.99);
        }

        return abs($difference->estimate) / max(1e-9, ($difference->high - $difference->low) / 2);
    }

    /** Per cent of the water whose change would step the level so far down; null where none would. */
    public function waterChangeThatExplains(Interval $step, DateTimeImmutable $at): ?int
    {
        $before = array_filter(
            $this->line,
            fn (array $one): bool => $this->question->change->at->getTimestamp() + 86_400 * $one['day']
                < $at->getTimestamp(),
        );
        $level = $before === [] ? 0.0 : $before[array_key_last($before)]['ppm'];
        $share = $level > 0.0 ? -$step->estimate / $level : 0.0;

        return $share < 0.03 || $share > 1.0
            ? null
            : (int) round(100 * $share);
    }

    public function parameter(): Parameter
    {
        return $this->question->parameter;
    }

    /** The difference a day with its interval; empty where nothing can be told. */
    public function figure(): Text
    {
        $jump = $this->rates?->jump;
        $difference = $jump ?? $this->rates?->difference;
        if ($difference === null || $this->known() === null) {
            return Text::of('');
        }
        $number = static fn (float $mg): Quantity => Quantity::number(
            $mg,
            abs($mg) >= 10 ? 0 : (abs($mg) >= 1 ? 1 : 2),
        );

        return Text::of(
            $jump === null ? '{estimate} mg a day, {low} to {high}' : '{estimate} mg at once, {low} to {high}',
            estimate: $number($difference->estimate),
            low: $number($difference->low),
            high: $number($difference->high),
        );
    }
}
