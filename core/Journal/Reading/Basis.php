<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

/** What a nutrient figure counts: the whole ion (NO3, PO4) or only its element (NO3-N, PO4-P). */
enum Basis: string
{
    case Ion = 'ion';
    case Element = 'element';

    /** The concentration of the ion, in the unit of the figure given. */
    public function toIon(float $figure, Parameter $parameter): float
    {
        return $this === self::Ion ? $figure : $figure * $parameter->ionPerElement();
    }
}
