<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Finding;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Text;

/** The answer to a {@see Question}: the verdict in words, the rates behind it and what to read with care. */
final readonly class Judgement
{
    /**
     * @param  ?Rates  $rates  null where there are too few readings for a fit
     * @param  float  $wantedPerDay  the smallest difference worth knowing, mg a day
     * @param  list<array{day: float, ppm: float}>  $line  the fit with the water changes put back, per reading used;
     *   day from the change
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Question $question,
        public Verdict $verdict,
        public Text $sentence,
        public ?Rates $rates,
        public Readings $readings,
        public float $wantedPerDay,
        public array $line,
        public array $findings,
    ) {
    }

    public function parameter(): Parameter
    {
        return $this->question->parameter;
    }
}
