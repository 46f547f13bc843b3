<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Takes a charge out, with what it holds. */
final readonly class MediaOut implements Lever
{
    public function __construct(private string $charge)
    {
    }

    public function turn(): int
    {
        return Turn::MEDIA_OUT;
    }

    public function act(Plant $plant): void
    {
        $charge = $plant->charges[$this->charge] ?? null;
        if ($charge === null || ! $charge->isIn) {
            throw InvalidLever::notThere('charge', $this->charge);
        }
        $charge->isIn = false;
    }
}
