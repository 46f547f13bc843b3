<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

use Ithys\Journal\Reading\Parameter;

/** The two elements whose ways are followed. */
enum Element: string
{
    case Nitrogen = 'n';
    case Phosphorus = 'p';

    /** What is read of it in the water. */
    public function parameter(): Parameter
    {
        return $this === self::Nitrogen ? Parameter::Nitrate : Parameter::Phosphate;
    }

    /** Mass of the ion that is read for one of the element. */
    public function ion(): float
    {
        return $this->parameter()->facts()->perElement;
    }
}
