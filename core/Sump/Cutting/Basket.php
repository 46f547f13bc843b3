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
        /** Where it stands and what lies in it; null while it is only cut. */
        public ?BasketUse $use = null,
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
        return $this->pitchMm()
            - $assumptions->value(Assumed::BasketLedge)
            - $assumptions->value(Assumed::GridThickness);
    }

    /** Its clear area from above, mm². */
    public function innerAreaSquareMm(): float
    {
        return max(0.0, $this->innerLengthMm()) * max(0.0, $this->innerWidthMm());
    }

    /** From one ledge to the next, mm. */
    public function pitchMm(): float
    {
        return ($this->heightMm - $this->inletMm) / $this->shelves;
    }

    /**
     * Upper face of the grid of a shelf over the foot of the basket, mm.
     *
     * @param  int  $shelf  from 1 at the top
     */
    public function gridMm(int $shelf, Assumptions $assumptions): float
    {
        return ($this->shelves - $shelf) * $this->pitchMm()
            + $assumptions->value(Assumed::BasketLedge)
            + $assumptions->value(Assumed::GridThickness);
    }

    /** @return list<BasketShelf> from the top down, as the water meets them */
    public function stack(Assumptions $assumptions): array
    {
        $stack = [];
        for ($shelf = 1; $shelf <= $this->shelves; $shelf++) {
            $ledge = ($this->shelves - $shelf) * $this->pitchMm();
            $grid = $this->gridMm($shelf, $assumptions);
            $on = $this->use?->on($shelf) ?? [];
            $media = count(array_filter($on, static fn (Layer $layer): bool => $layer->heightMm === null));
            $left = max(0.0, $this->shelfMm($assumptions) - $this->padsMm($shelf));
            $layers = [];
            $from = $grid;
            // The last that the water meets lies on the grid.
            foreach (array_reverse($on) as $layer) {
                $to = $from + ($layer->heightMm ?? $left / $media);
                $layers[] = ['layer' => $layer, 'fromMm' => $from, 'toMm' => $to];
                $from = $to;
            }
            $stack[] = new BasketShelf(
                $shelf,
                $ledge,
                $grid,
                $ledge + $this->pitchMm(),
                $this->mediaLitres($shelf, $assumptions),
                array_reverse($layers),
            );
        }

        return $stack;
    }

    /**
     * What the pads of a shelf leave for media, L.
     *
     * @param  int  $shelf  from 1 at the top
     */
    public function mediaLitres(int $shelf, Assumptions $assumptions): float
    {
        return $this->innerAreaSquareMm()
            * max(0.0, $this->shelfMm($assumptions) - $this->padsMm($shelf))
            / 1e6;
    }

    /** Thickness of all pads of a shelf, mm. */
    public function padsMm(int $shelf): float
    {
        return array_sum(array_map(
            static fn (Layer $layer): float => $layer->heightMm ?? 0.0,
            $this->use?->on($shelf) ?? [],
        ));
    }

    /** Height of its front plate, mm. */
    public function plateMm(): float
    {
        return $this->heightMm - $this->inletMm;
    }

    /** Where the water comes in over its front, over the floor of its chamber, mm. */
    public function frontMm(): float
    {
        return $this->standMm() + $this->plateMm();
    }

    /** Its highest edge over the floor of its chamber, mm. */
    public function topMm(): float
    {
        return $this->standMm() + $this->heightMm;
    }

    public function standMm(): float
    {
        return $this->use->standMm ?? 0.0;
    }

    /** @return list<CutPanel> none while it cannot be made */
    public function panels(Assumptions $assumptions): array
    {
        if ($this->innerLengthMm() <= 0.0 || $this->innerWidthMm() <= 0.0 || $this->shelfMm($assumptions) <= 0.0) {
            return [];
        }
        $length = $this->outerLengthMm();
        $handleHeight = $assumptions->value(Assumed::BasketHandle);
        $play = $assumptions->value(Assumed::BasketPlay);
        $handle = new CutHole(
            $this->innerLengthMm() / 2,
            $handleHeight / 2,
            min(80.0, 0.6 * $this->innerLengthMm()),
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
                $this->innerWidthMm(),
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
                $this->innerWidthMm(),
                $assumptions->value(Assumed::BasketLedge),
                $this->thicknessMm,
                'one at each side for each shelf, evenly spaced from the bottom up',
                2 * $this->shelves,
            ),
            CutPanel::plain(
                'basket-handle',
                CutGroup::Basket,
                'Basket, handle',
                $this->innerLengthMm(),
                $handleHeight,
                $this->thicknessMm,
                'between the sides at the top',
            )->with([$handle]),
            CutPanel::plain(
                'basket-shelf',
                CutGroup::EggCrate,
                'Basket, shelf',
                $this->innerLengthMm() - $play,
                $this->innerWidthMm() - $play,
                0.0,
                'lifts out; the lowest is the bottom',
                $this->shelves,
            ),
            ...$this->pads($assumptions),
        ];
    }

    /** @return list<CutPanel> pads, a little over the clear size so that no water finds a way round them */
    private function pads(Assumptions $assumptions): array
    {
        $over = $assumptions->value(Assumed::PadOver);
        $pads = [];
        foreach ($this->use->layers ?? [] as $layer) {
            if ($layer->kind->isPad()) {
                $name = lcfirst($layer->kind->label());
                $pads[] = CutPanel::plain(
                    "basket-{$layer->id}",
                    CutGroup::Pads,
                    "Basket, {$name} on shelf {$layer->shelf}",
                    $this->innerLengthMm() + $over,
                    $this->innerWidthMm() + $over,
                    0.0,
                    'cut over size, pressed in',
                );
            }
        }

        return $pads;
    }

    /** @return array<string, mixed> */
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
            ...$this->use === null ? [] : ['use' => $this->use->toArray()],
        ];
    }

    public function innerLengthMm(): float
    {
        return $this->outerLengthMm() - 2 * $this->thicknessMm;
    }

    public function innerWidthMm(): float
    {
        return $this->outerWidthMm() - 2 * $this->thicknessMm;
    }
}
