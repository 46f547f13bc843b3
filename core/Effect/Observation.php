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
        /** How many readings of one moment it is the mean of. */
        public int $times = 1,
    ) {
    }

    /**
     * Below the limit of its kit it may lie anywhere from nought to there: the variance of that, (mg/L)²; none for
     * others.
     *
     * @param  float  $share  of the limit that it counts as
     */
    public function leastVariance(float $share): float
    {
        return $this->belowLimit && $share > 0.0 ? ($this->mgPerLitre / $share) ** 2 / 12 : 0.0;
    }

    /** The mean of this and another of the same moment. */
    public function with(self $other): self
    {
        return new self(
            $this->day,
            ($this->times * $this->mgPerLitre + $other->mgPerLitre) / ($this->times + 1),
            min($this->step, $other->step),
            $this->cloudy || $other->cloudy,
            $this->belowLimit || $other->belowLimit,
            $this->method ?? $other->method,
            $this->times + 1,
        );
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
