<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** How a tank stands at one moment of a run, with what has come in and gone out since its start. */
final readonly class Snapshot
{
    public function __construct(public Plant $plant, public Balance $balance)
    {
    }

    public function day(): float
    {
        return $this->plant->day;
    }

    /** ppm of the ion. */
    public function level(Element $element): float
    {
        return $this->plant->level($element);
    }

    public function nitrate(): float
    {
        return $this->level(Element::Nitrogen);
    }

    public function phosphate(): float
    {
        return $this->level(Element::Phosphorus);
    }
}
