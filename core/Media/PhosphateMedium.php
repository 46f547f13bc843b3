<?php

declare(strict_types=1);

namespace Ithys\Media;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** A medium that binds phosphate, by its isotherm. */
final readonly class PhosphateMedium
{
    private function __construct(public Langmuir $isotherm, public Assumption $most)
    {
    }

    /** Null for a medium that is not there to bind phosphate. */
    public static function of(Medium $medium): ?self
    {
        return match ($medium) {
            Medium::Gfo => self::from(Assumptions::gfoMost(), Assumptions::gfoAffinity()),
            Medium::Alumina => self::from(Assumptions::aluminaMost(), Assumptions::aluminaAffinity()),
            default => null,
        };
    }

    private static function from(Assumption $most, Assumption $affinity): self
    {
        return new self(new Langmuir($most->value, $affinity->value), $most);
    }
}
