<?php

declare(strict_types=1);

namespace Ithys\Forecast\Advice;

use Ithys\Forecast\ForecastPoint;
use Ithys\Quantity\Text;

/** One thing to do, what this tank's model expects of it, and how to go about it. */
final readonly class Step
{
    /**
     * @param  array<string, float|bool|null>  $levers  of the course that it sets
     * @param  array<string, ForecastPoint>  $expected  at the end of the wait, by parameter
     */
    public function __construct(
        public string $key,
        public Text $does,
        public array $levers,
        public array $expected,
        public int $waitWeeks,
        public string $watch,
        public ?string $caution = null,
    ) {
    }
}
