<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** The shape of a sheet: its outline in mm from its lower left corner, and its holes. */
final readonly class CutShape
{
    /**
     * @param  list<array{float, float}>  $outline  closed, counter-clockwise from the lower left
     * @param  list<CutHole>  $holes
     */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $thicknessMm,
        public array $outline,
        public array $holes = [],
    ) {
    }

    public static function rectangle(float $widthMm, float $heightMm, float $thicknessMm): self
    {
        return new self(
            $widthMm,
            $heightMm,
            $thicknessMm,
            [[0.0, 0.0], [$widthMm, 0.0], [$widthMm, $heightMm], [0.0, $heightMm]],
        );
    }

    /** @param  list<CutHole>  $holes */
    public function with(array $holes): self
    {
        return new self($this->widthMm, $this->heightMm, $this->thicknessMm, $this->outline, $holes);
    }

    /** The same a quarter turned, as it may lie on a stock sheet. */
    public function turned(): self
    {
        return new self(
            $this->heightMm,
            $this->widthMm,
            $this->thicknessMm,
            array_map(fn (array $point): array => [$this->heightMm - $point[1], $point[0]], $this->outline),
            array_map(fn (CutHole $hole): CutHole => $hole->turned($this->heightMm), $this->holes),
        );
    }
}
