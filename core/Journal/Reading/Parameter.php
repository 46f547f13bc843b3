<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Quantity\Dimension;

/** What a keeper reads off a kit or a meter. */
enum Parameter: string
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

    /** What its figures measure. */
    public function dimension(): Dimension
    {
        return Dimension::Concentration;
    }

    /**
     * Least and most, in the base unit of its dimension, that can still be a reef tank and not a slip of the pen.
     *
     * @return array{float, float}
     */
    public function believable(): array
    {
        return match ($this) {
            self::Nitrate => [0.0, 500.0],
            self::Phosphate => [0.0, 25.0],
        };
    }

    /** The step an ordinary kit tells apart, in the base unit of its dimension; an estimate from memory. */
    public function resolution(): float
    {
        return match ($this) {
            self::Nitrate => 1.0,
            self::Phosphate => 0.01,
        };
    }

    /** The least that the top of its axis stands for, in the base unit of its dimension. */
    public function axisTop(): float
    {
        return match ($this) {
            self::Nitrate => 2.0,
            self::Phosphate => 0.04,
        };
    }

    /** Decimals its figures are told apart by. */
    public function decimals(): int
    {
        return $this === self::Nitrate ? 2 : 3;
    }

    /** Whether its axis stands on the left of the time sheet; the second one stands on the right. */
    public function isOnTheLeft(): bool
    {
        return $this === self::Nitrate;
    }

    /**
     * The parameter and basis a keeper's word means, or null: "nitrate", "po4-p", "NO3-N".
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
