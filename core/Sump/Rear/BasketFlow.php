<?php

declare(strict_types=1);

namespace Ithys\Sump\Rear;

use Ithys\Flow\Bisection;
use Ithys\Flow\Weir;
use Ithys\Sump\Cutting\Basket;

/**
 * The two ways of the water at a media basket that fills its chamber: over its front and down through the shelves, or
 * through the gap beside it.
 *
 * The gap is a narrow slot between two plates: plane Poiseuille flow, and one and a half velocity heads for inlet and
 * outlet (any textbook of fluid mechanics). It is reckoned all round, which is the most that can pass.
 */
final readonly class BasketFlow
{
    private const ENDS = 1.5;

    private function __construct(
        /** Water before it, over the floor of the chamber, mm. */
        public float $beforeMm,
        /** Over its front and through the shelves, L/h. */
        public float $throughLitresPerHour,
        /** Beside it, L/h. */
        public float $besideLitresPerHour,
        /** Speed down through a shelf that is empty, mm/s. */
        public float $speed,
    ) {
    }

    /**
     * While its shelves let the water through.
     *
     * @param  float  $behindMm  level of the water it stands in, over the floor
     * @param  float  $viscosity  kinematic, m²/s
     */
    public static function of(Basket $basket, float $behindMm, float $litresPerHour, float $viscosity): self
    {
        $front = Weir::clear($basket->innerLengthMm());
        $over = static fn (float $level): float => $front->flow(
            $level - $basket->frontMm(),
            $behindMm - $basket->frontMm(),
        );
        $beside = static fn (float $level): float => self::gap($basket, $level - $behindMm, $viscosity);
        $before = Bisection::root(
            static fn (float $level): float => $over($level) + $beside($level) - $litresPerHour,
            $behindMm,
            max($behindMm, $basket->frontMm()) + 10_000.0,
        );
        $through = $over($before);

        return new self(
            $before,
            $through,
            max(0.0, $litresPerHour - $through),
            $basket->innerAreaSquareMm() > 0.0 ? $through / 3.6e-3 / $basket->innerAreaSquareMm() : 0.0,
        );
    }

    /** What can pass beside it while its shelves are clogged and the water stands to its top, L/h. */
    public static function clogged(Basket $basket, float $behindMm, float $viscosity): float
    {
        return self::gap($basket, $basket->topMm() - $behindMm, $viscosity);
    }

    /** Water through the gap all round under a head, L/h; none where its front is sealed. */
    private static function gap(Basket $basket, float $headMm, float $viscosity): float
    {
        $gap = $basket->clearanceMm / 1000;
        $way = $basket->plateMm() / 1000;
        if ($headMm <= 0.0 || $gap <= 0.0 || $way <= 0.0 || $basket->use?->sealed === true) {
            return 0.0;
        }
        // Head of friction and of both ends: 12 v way u / gap² / g + ends u² / 2g = h, solved for the speed u.
        $friction = 12 * $viscosity * $way / $gap ** 2;
        $speed = (sqrt($friction ** 2 + 2 * self::ENDS * Weir::GRAVITY * $headMm / 1000) - $friction) / self::ENDS;
        $round = 2 * ($basket->lengthMm + $basket->widthMm) / 1000;

        return $speed * $gap * $round * 3.6e6;
    }
}
