<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** A place of the path that catches particles, as it stands. */
final class Stage
{
    /** What is fitted; null for nothing. */
    public ?string $medium = null;

    /** Share of the flow that goes through it. */
    public float $shareOfFlow = 1.0;

    /** Days that waste stays on a roller. */
    public ?float $tau = null;

    /** Times what it catches when clean. */
    public float $clogged = 1.0;

    /** mg held. */
    public float $nitrogen = 0.0;

    public float $phosphorus = 0.0;
}
