<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumptions;

/** The largest sump that goes into a cabinet with room left to work. */
final readonly class SumpFit
{
    /** Gap left at either end, mm. */
    private const END_GAP = 30.0;

    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $runningLitres,
    ) {
    }

    /** Null without a cabinet, or in one too small for any sump. */
    public static function of(Room $room): ?self
    {
        if ($room->cabinetLengthMm === null || $room->cabinetWidthMm === null || $room->cabinetHeightMm === null) {
            return null;
        }
        $length = $room->cabinetLengthMm - 2 * self::END_GAP;
        $width = $room->cabinetWidthMm - Assumptions::rearClearance()->value;
        $height = $room->cabinetHeightMm * StyleAssumptions::sumpHeight()->value;

        return $length < 250 || $width < 150 || $height < 200
            ? null
            : new self(
                $length,
                $width,
                $height,
                (($length * $width * $height) / 1e6) * StyleAssumptions::sumpFill()->value,
            );
    }
}
