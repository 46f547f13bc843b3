<?php

declare(strict_types=1);

namespace Ithys\Panel;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Flow\Weir;

/**
 * A panel under water, upright with water to its top or lying under a depth of it: pressure, force, stress and
 * deflection by plate theory. A check, not a certificate.
 */
final readonly class PanelLoad
{
    private function __construct(
        /** Pressure at the bottom, Pa. */
        public float $pressure,
        /** Force on the whole panel, N. */
        public float $force,
        /** Greatest bending stress, MPa. */
        public float $stress,
        /** Greatest deflection, mm. */
        public float $deflectionMm,
        /** Strength over stress. */
        public float $safety,
        /** Safety wanted. */
        private float $wanted,
        /** Whether it bends further than half its thickness, where small-deflection theory ends. */
        public bool $beyondTheory,
    ) {
    }

    /** @param  float  $density  of the water, kg/m³ */
    public static function of(
        float $lengthMm,
        float $heightMm,
        float $thicknessMm,
        Material $material,
        Support $support,
        Assumptions $assumptions,
        float $density,
    ): self {
        $pressure = ($density * Weir::GRAVITY * $heightMm) / 1000;

        return self::bent(
            Plate::solve($lengthMm / $heightMm, $support, $material->poisson($assumptions)),
            $pressure,
            $heightMm,
            $thicknessMm,
            $material,
            $assumptions,
            ((($pressure * $heightMm) / 2) * $lengthMm) / 1e6,
        );
    }

    /**
     * An upright panel with water to a part of its height. An upper bound: a panel that ends at the water, or
     * where that is not safe the whole one with the pressure spread to its top, if that is less.
     *
     * @param  float  $density  of the water, kg/m³
     */
    public static function filled(
        Sheet $sheet,
        float $waterMm,
        Support $support,
        Assumptions $assumptions,
        float $density,
    ): self {
        $depth = min($waterMm, $sheet->heightMm);
        $pressure = $density * Weir::GRAVITY * $depth / 1000;
        $load = static fn (float $heightMm): self => self::bent(
            Plate::solve($sheet->lengthMm / $heightMm, $support, $sheet->material->poisson($assumptions)),
            $pressure,
            $heightMm,
            $sheet->thicknessMm,
            $sheet->material,
            $assumptions,
            $pressure * $heightMm / 2 * $sheet->lengthMm / 1e6,
        );
        // A top edge that is held is no top edge at the water.
        $wet = $support === Support::FreeTop && $depth < $sheet->heightMm ? $load($depth) : null;
        if ($wet?->isSafe() === true) {
            return $wet;
        }
        $whole = $load($sheet->heightMm);

        return $wet !== null && $wet->stress < $whole->stress ? $wet : $whole;
    }

    /**
     * A bottom that is held at its four edges only, under an even depth of water.
     *
     * @param  float  $density  of the water, kg/m³
     */
    public static function lying(
        float $lengthMm,
        float $widthMm,
        float $depthMm,
        float $thicknessMm,
        Material $material,
        Assumptions $assumptions,
        float $density,
    ): self {
        $pressure = ($density * Weir::GRAVITY * $depthMm) / 1000;

        return self::bent(
            Plate::lying($lengthMm / $widthMm, $material->poisson($assumptions)),
            $pressure,
            $widthMm,
            $thicknessMm,
            $material,
            $assumptions,
            ($pressure * $lengthMm * $widthMm) / 1e6,
        );
    }

    private static function bent(
        Plate $plate,
        float $pressure,
        float $sideMm,
        float $thicknessMm,
        Material $material,
        Assumptions $assumptions,
        float $force,
    ): self {
        $height = $sideMm / 1000;
        $thickness = $thicknessMm / 1000;
        $stiffness
            = ($material->elasticity($assumptions) * $thickness ** 3)
            / 12
            / (1 - $material->poisson($assumptions) ** 2);
        $stress = ($plate->stress * $pressure * $height ** 2) / $thickness ** 2 / 1e6;
        $deflection = (($plate->deflection * $pressure * $height ** 4) / $stiffness) * 1000;

        return new self(
            $pressure,
            $force,
            $stress,
            $deflection,
            $material->strength($assumptions)->value / $stress,
            $assumptions->value(Assumed::PanelSafety),
            $deflection > $thicknessMm / 2,
        );
    }

    public function isSafe(): bool
    {
        return $this->safety >= $this->wanted;
    }
}
