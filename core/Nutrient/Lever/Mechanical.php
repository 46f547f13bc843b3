<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Stage;
use Ithys\Nutrient\Turn;

/** Fits a medium at a stage; what it held goes out with the old one. */
final readonly class Mechanical implements Lever
{
    public function __construct(
        private string $stage,
        /** Felt, mesh, sponge, pad, floss or roller; null for nothing. */
        private ?string $medium,
        private float $shareOfFlow = 1.0,
        private ?float $tau = null,
    ) {
    }

    public function turn(): int
    {
        return Turn::FITTING;
    }

    public function act(Plant $plant): void
    {
        if ($this->medium !== null && $plant->parameters->row('catch', $this->medium) === null) {
            throw InvalidLever::unknown('medium', $this->medium);
        }
        $stage = $plant->stages[$this->stage] ??= new Stage;
        $plant->out('changed', $stage->nitrogen, $stage->phosphorus);
        $stage->nitrogen = $stage->phosphorus = 0.0;
        $stage->medium = $this->medium;
        $stage->shareOfFlow = $this->shareOfFlow;
        $stage->tau = $this->tau;
        $stage->clogged = 1.0;
    }
}
