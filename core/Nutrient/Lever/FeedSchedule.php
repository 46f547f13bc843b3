<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** What is fed a day from now on. */
final readonly class FeedSchedule implements Lever
{
    /** @param  array<string, float>  $grams  a day, by food */
    public function __construct(private array $grams, private bool $growsWithStock = false)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->schedule($this->grams, $this->growsWithStock, $plant->day);
    }
}
