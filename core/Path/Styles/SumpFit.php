<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumed;

/** The largest sump that goes into a cabinet with room left to work. */
final readonly class SumpFit
{
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
        if (
            $room->cabinet->lengthMm === null
            || $room->cabinet->widthMm === null
            || $room->cabinet->heightMm === null
        ) {
            return null;
        }
        $length = $room->cabinet->lengthMm - 2 * $room->assumptions->value(Assumed::StyleEndGap);
        $width = $room->cabinet->widthMm - $room->assumptions->value(Assumed::RearClearance);
        $height = $room->cabinet->heightMm * $room->assumptions->value(Assumed::StyleSumpHeight);

        return $length < $room->assumptions->value(Assumed::StyleLeastLength)
            || $width < $room->assumptions->value(Assumed::StyleLeastWidth)
            || $height < $room->assumptions->value(Assumed::StyleLeastHeight)
            ? null
            : new self(
                $length,
                $width,
                $height,
                (($length * $width * $height) / 1e6) * $room->assumptions->value(Assumed::StyleSumpFill),
            );
    }
}
