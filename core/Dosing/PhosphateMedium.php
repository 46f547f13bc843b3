<?php

declare(strict_types=1);

namespace Ithys\Dosing;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Media\Langmuir;
use Ithys\Media\Medium;

/** A medium that binds phosphate, by its isotherm. */
final readonly class PhosphateMedium
{
    private function __construct(public Langmuir $isotherm, public Assumption $most)
    {
    }

    /** Null for a medium that is not there to bind phosphate. */
    public static function of(Medium $medium, Assumptions $assumptions): ?self
    {
        return match ($medium) {
            Medium::Gfo => self::from($assumptions->of(Assumed::GfoMost), $assumptions->of(Assumed::GfoAffinity)),
            Medium::Alumina => self::from(
                $assumptions->of(Assumed::AluminaMost),
                $assumptions->of(Assumed::AluminaAffinity),
            ),
            default => null,
        };
    }

    private static function from(Assumption $most, Assumption $affinity): self
    {
        return new self(new Langmuir($most->value, $affinity->value), $most);
    }
}
