<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;

/**
 * A media basket for a rear chamber, made to the measured cavity: back and sides sealed, the water in over the front,
 * down through shelves of egg crate that lift out, and away at the bottom.
 */
final readonly class Basket
{
    public function __construct(
        /**
         * Cavity as measured at its narrowest: along the tank, from front to back, and height of the basket in it, mm.
         */
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        /** Gap on each side, mm. */
        public float $clearanceMm,
        public float $thicknessMm,
        public int $shelves,
        /** How much lower the front ends than the back, for the water to come in, mm. */
        public float $inletMm,
    ) {
    }

    /** One of usual make for a cavity that is yet to be measured. */
    public static function usual(): self
    {
        return new self(120.0, 100.0, 300.0, 1.5, 3.0, 3, 40.0);
    }

    public function outerLengthMm(): float
    {
        return $this->lengthMm - 2 * $this->clearanceMm;
    }

    public function outerWidthMm(): float
    {
        return $this->widthMm - 2 * $this->clearanceMm;
    }

    /** Clear height of each shelf, net of the ledges and of the grid that lies on them, mm. */
    public function shelfMm(Assumptions $assumptions): float
    {
        return ($this->heightMm - $this->inletMm) / $this->shelves
            - $assumptions->value(Assumed::BasketLedge)
            - $assumptions->value(Assumed::GridThickness);
    }

    /** Room for media on each shelf, L. */
    public function shelfLitres(Assumptions $assumptions): float
    {
        return (max(0.0, $this->innerLength())
            * max(0.0, $this->innerWidth())
            * max(0.0, $this->shelfMm($assumptions)))
            / 1e6;
    }

    /** @return list<CutPanel> none while it cannot be made */
    public function panels(Assumptions $assumptions): array
    {
        if ($this->innerLength() <= 0.0 || $this->innerWidth() <= 0.0 || $this->shelfMm($assumptions) <= 0.0) {
            return [];
        }
        $length = $this->outerLengthMm();
        $handleHeight = $assumptions->value(Assumed::BasketHandle);
        $play = $assumptions->value(Assumed::BasketPlay);
        $handle = new CutHole(
            $this->innerLength() / 2,
            $handleHeight / 2,
            min(80.0, 0.6 * $this->innerLength()),
            14.0,
            false,
        );

        return [
            CutPanel::plain(
                'basket-back',
                CutGroup::Basket,
                'Basket, back',
                $length,
                $this->heightMm,
                $this->thicknessMm,
                'sealed all along',
            ),
            CutPanel::plain(
                'basket-side',
                CutGroup::Basket,
                'Basket, side',
                $this->innerWidth(),
                $this->heightMm,
                $this->thicknessMm,
                'between front and back, sealed',
                2,
            ),
            CutPanel::plain(
                'basket-front',
                CutGroup::Basket,
                'Basket, front',
                $length,
                $this->heightMm - $this->inletMm,
                $this->thicknessMm,
                'flush at the bottom; the water comes in over it',
            ),
            CutPanel::plain(
                'basket-ledge',
                CutGroup::Basket,
                'Basket, ledge',
                $this->innerWidth(),
                $assumptions->value(Assumed::BasketLedge),
                $this->thicknessMm,
                'one at each side for each shelf, evenly spaced from the bottom up',
                2 * $this->shelves,
            ),
            CutPanel::plain(
                'basket-handle',
                CutGroup::Basket,
                'Basket, handle',
                $this->innerLength(),
                $handleHeight,
                $this->thicknessMm,
                'between the sides at the top',
            )->with([$handle]),
            CutPanel::plain(
                'basket-shelf',
                CutGroup::EggCrate,
                'Basket, shelf',
                $this->innerLength() - $play,
                $this->innerWidth() - $play,
                0.0,
                'lifts out; the lowest is the bottom',
                $this->shelves,
            ),
        ];
    }

    /** @return array<string, int|float> */
    public function toArray(): array
    {
        return [
            'lengthMm' => $this->lengthMm,
            'widthMm' => $this->widthMm,
            'heightMm' => $this->heightMm,
            'clearanceMm' => $this->clearanceMm,
            'thicknessMm' => $this->thicknessMm,
            'shelves' => $this->shelves,
            'inletMm' => $this->inletMm,
        ];
    }

    private function innerLength(): float
    {
        return $this->outerLengthMm() - 2 * $this->thicknessMm;
    }

    private function innerWidth(): float
    {
        return $this->outerWidthMm() - 2 * $this->thicknessMm;
    }
}
