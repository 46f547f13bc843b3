<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/**
 * A media basket for a rear chamber, made to the measured cavity: back and sides sealed, the water in over the front,
 * down through shelves of egg crate that lift out, and away at the bottom.
 */
final readonly class Basket
{
    /** Strip that carries a shelf, mm. */
    private const LEDGE = 8.0;

    /** Play of a shelf that is to lift out, mm all around together. */
    private const PLAY = 2.0;

    private const HANDLE_HEIGHT = 30.0;

    /** A shelf lower than this takes no pad and hardly any media, mm. */
    private const LEAST_SHELF = 30.0;

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

    /** Clear height of each shelf, mm. */
    public function shelfMm(): float
    {
        return ($this->heightMm - $this->inletMm) / $this->shelves - self::LEDGE;
    }

    /** Room for media on each shelf, L. */
    public function shelfLitres(): float
    {
        return max(0.0, $this->innerLength()) * max(0.0, $this->innerWidth()) * max(0.0, $this->shelfMm()) / 1e6;
    }

    /** @return list<CutPanel> none while it cannot be made */
    public function panels(): array
    {
        if ($this->innerLength() <= 0.0 || $this->innerWidth() <= 0.0 || $this->shelfMm() <= 0.0) {
            return [];
        }
        $length = $this->outerLengthMm();
        $handle = new CutHole(
            $this->innerLength() / 2,
            self::HANDLE_HEIGHT / 2,
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
                self::LEDGE,
                $this->thicknessMm,
                'one at each side for each shelf, evenly spaced from the bottom up',
                2 * $this->shelves,
            ),
            CutPanel::plain(
                'basket-handle',
                CutGroup::Basket,
                'Basket, handle',
                $this->innerLength(),
                self::HANDLE_HEIGHT,
                $this->thicknessMm,
                'between the sides at the top',
            )->with([$handle]),
            CutPanel::plain(
                'basket-shelf',
                CutGroup::EggCrate,
                'Basket, shelf',
                $this->innerLength() - self::PLAY,
                $this->innerWidth() - self::PLAY,
                0.0,
                'lifts out; the lowest is the bottom',
                $this->shelves,
            ),
        ];
    }

    /** @return list<Finding> */
    public function findings(UnitSystem $units): array
    {
        $mm = static fn (float $mm): string => ShopLength::format($mm, $units);
        $most = Assumptions::basketBypass();

        return array_values(
            array_filter([
                $this->panels() === []
                    ? Finding::of(
                        Severity::Fault,
                        'basket-nothing',
                        'Nothing is left of the media basket',
                        sprintf(
                            'A cavity of %s by %s less the gaps and sheets leaves no room.',
                            $mm($this->lengthMm),
                            $mm($this->widthMm),
                        ),
                    )->because(
                        'Sheet and gap come off on each side, the inlet and the ledges off the height.',
                        'Take thinner sheet, a smaller gap or fewer shelves.',
                    )
                    : null,
                $this->clearanceMm > $most->value
                    ? Finding::of(
                        Severity::Caution,
                        'basket-bypass',
                        'Water passes beside the media basket',
                        sprintf('%s are left on each side.', $mm($this->clearanceMm)),
                        $most,
                    )->because(
                        'Water takes the easy way and not the one through the media.',
                        sprintf('Leave %s at the most.', $mm($most->value)),
                    )
                    : null,
                $this->clearanceMm < 0.5
                    ? Finding::of(
                        Severity::Caution,
                        'basket-jams',
                        'The media basket will jam',
                        sprintf('%s are left on each side.', $mm($this->clearanceMm)),
                    )->because(
                        'Rear chambers are seldom square, and it has to come out with wet hands.',
                        'Leave 1 to 2 mm on each side.',
                    )
                    : null,
                $this->panels() !== [] && $this->shelfMm() < self::LEAST_SHELF
                    ? Finding::of(
                        Severity::Remark,
                        'basket-low',
                        'The shelves are low',
                        sprintf('Each has %s of clear height.', $mm($this->shelfMm())),
                    )->because('A pad or a bag of media wants more.', 'Take fewer shelves.')
                    : null,
            ]),
        );
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
