<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** What one gram of a food brings, mg. */
final readonly class Food
{
    private function __construct(public float $nitrogen, public float $phosphorus)
    {
    }

    /** @throws InvalidLever for a food that has no figures */
    public static function of(string $name, Parameters $parameters): self
    {
        $row = $parameters->row('foods', $name) ?? throw InvalidLever::unknown('food', $name);
        [$dry, $protein, $phosphorus] = $row;

        return new self(1000 * $dry * $protein / $parameters->value('protein_per_n'), 1000 * $dry * $phosphorus);
    }
}
