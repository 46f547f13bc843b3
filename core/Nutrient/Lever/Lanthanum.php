<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Binds phosphate at once, into a powder that is filtered out. */
final readonly class Lanthanum implements Lever
{
    /** mg of phosphorus that one mg of lanthanum binds: one atom each (IUPAC 2013). */
    private const PHOSPHORUS = 30.973761998 / 138.90547;

    public function __construct(private float $milligrams)
    {
    }

    public function turn(): int
    {
        return Turn::LANTHANUM;
    }

    public function act(Plant $plant): void
    {
        $bound = min(
            $plant->inorganic[1],
            $plant->parameters->value('lanthanum_efficiency') * self::PHOSPHORUS * $this->milligrams,
        );
        $plant->inorganic[1] -= $bound;
        $plant->out('lanthanum', 0.0, $bound);
    }
}
