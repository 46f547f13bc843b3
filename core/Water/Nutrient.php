<?php

declare(strict_types=1);

namespace Ithys\Water;

/** The two nutrients a keeper measures and steers. */
enum Nutrient: string
{
    case Nitrate = 'no3';
    case Phosphate = 'po4';

    /** Molar masses in g/mol. Source: IUPAC standard atomic weights 2013 (N 14.007, O 15.999, P 30.973761998). */
    private const NITROGEN = 14.007;

    private const OXYGEN = 15.999;

    private const PHOSPHORUS = 30.973761998;

    public function label(): string
    {
        return $this === self::Nitrate ? 'nitrate' : 'phosphate';
    }

    /** Mass of the ion (NO3 or PO4) that holds one mass unit of its element (N or P). */
    public function ionPerElement(): float
    {
        return match ($this) {
            self::Nitrate => (self::NITROGEN + 3 * self::OXYGEN) / self::NITROGEN,
            self::Phosphate => (self::PHOSPHORUS + 4 * self::OXYGEN) / self::PHOSPHORUS,
        };
    }

    /** The highest reading, in mg/L of the ion, that can still be a reef tank and not a slip of the pen. */
    public function highestBelievable(): float
    {
        return $this === self::Nitrate ? 500.0 : 25.0;
    }

    /**
     * The nutrient and basis a keeper's word means, or null: "nitrate", "po4-p", "NO3-N".
     *
     * @return array{self, Basis}|null
     */
    public static function fromWord(string $word): ?array
    {
        $key = str_replace(
            [' ', '-', '_', '₃', '₄', '⁻', '³'],
            ['', '', '', '3', '4', '', ''],
            mb_strtolower(trim($word)),
        );

        return match ($key) {
            'no3', 'nitrate', 'nitrat', 'nitrates' => [self::Nitrate, Basis::Ion],
            'no3n', 'nitraten', 'nitratenitrogen' => [self::Nitrate, Basis::Element],
            'po4', 'phosphate', 'phosphat', 'phosphates' => [self::Phosphate, Basis::Ion],
            'po4p', 'phosphatep', 'phosphorus', 'phosphatephosphorus' => [self::Phosphate, Basis::Element],
            default => null,
        };
    }
}
