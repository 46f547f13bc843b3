<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** A portion of a medium, as it stands. */
final class Charge
{
    public bool $isIn = true;

    /** mg PO4 bound, of which some before the model began. */
    public float $load = 0.0;

    public float $before = 0.0;

    /** mg of organic nitrogen and phosphorus held. */
    public float $nitrogen = 0.0;

    public float $phosphorus = 0.0;

    /** @param  list<float>  $figures  of its medium, as {@see Parameters::row()} gives them */
    public function __construct(
        public readonly array $figures,
        public readonly float $grams,
        public readonly string $place,
        /** How well it meets the water, of what a reactor gives. */
        public readonly float $contact,
        public readonly string $vessel,
        /** L/h through its vessel; null where it has what its place gives. */
        public ?float $flow,
    ) {
    }

    public function bindsPhosphate(): bool
    {
        return $this->figures[0] > 0.0;
    }

    public function takesOrganics(): bool
    {
        return $this->figures[4] > 0.0;
    }
}
