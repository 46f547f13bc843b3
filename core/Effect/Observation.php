<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;

/** One reading, placed in days around the change that is judged. */
final readonly class Observation
{
    public function __construct(
        /** Days from the change, negative before it. */
        public float $day,
        public float $mgPerLitre,
        public float $step = 0.0,
        public bool $cloudy = false,
        public bool $belowLimit = false,
        public ?string $method = null,
    ) {
    }

    /** A reading below the limit of the kit counts as half that limit. */
    public static function of(Entry $entry, Reading $reading, Question $question): self
    {
        $figure = $reading->belowLimit
            ? $reading->value * $question->assumptions->value(Assumed::BelowLimit)
            : $reading->value;

        return new self(
            $entry->daysAfter($question->change->at),
            $figure,
            $reading->step,
            $reading->cloudy,
            $reading->belowLimit,
            $reading->method,
        );
    }
}
