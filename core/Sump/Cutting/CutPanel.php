<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;

/** One sheet to be cut: its outline in mm from its lower left corner, its holes, and where it goes. */
final readonly class CutPanel
{
    /**
     * @param  list<array{float, float}>  $outline  closed, counter-clockwise from the lower left
     * @param  list<CutHole>  $holes
     */
    public function __construct(
        public string $id,
        public CutGroup $group,
        public string $label,
        public float $widthMm,
        public float $heightMm,
        public float $thicknessMm,
        public array $outline,
        public string $note = '',
        /**
         * From the inner face of the inlet wall to the near face of the panel, mm; null for what is not set along the
         * sump.
         */
        public ?float $insideMm = null,
        /** The same from the outer face of that wall, as a check on the tape, mm. */
        public ?float $outsideMm = null,
        public array $holes = [],
        public int $count = 1,
    ) {
    }

    /** A plain rectangle. */
    public static function plain(
        string $id,
        CutGroup $group,
        string $label,
        float $widthMm,
        float $heightMm,
        float $thicknessMm,
        string $note = '',
        int $count = 1,
    ): self {
        return new self(
            $id,
            $group,
            $label,
            $widthMm,
            $heightMm,
            $thicknessMm,
            [[0.0, 0.0], [$widthMm, 0.0], [$widthMm, $heightMm], [0.0, $heightMm]],
            $note,
            count: $count,
        );
    }

    /** @param  list<CutHole>  $holes */
    public function with(array $holes): self
    {
        return new self(
            $this->id,
            $this->group,
            $this->label,
            $this->widthMm,
            $this->heightMm,
            $this->thicknessMm,
            $this->outline,
            $this->note,
            $this->insideMm,
            $this->outsideMm,
            $holes,
            $this->count,
        );
    }

    /** The same a quarter turned, as it may lie on a stock sheet. */
    public function turned(): self
    {
        return new self(
            $this->id,
            $this->group,
            $this->label,
            $this->heightMm,
            $this->widthMm,
            $this->thicknessMm,
            array_map(fn (array $point): array => [$this->heightMm - $point[1], $point[0]], $this->outline),
            $this->note,
            $this->insideMm,
            $this->outsideMm,
            array_map(fn (CutHole $hole): CutHole => $hole->turned($this->heightMm), $this->holes),
            $this->count,
        );
    }

    /** Width, height and thickness as a workshop reads them. */
    public function size(UnitSystem $units): string
    {
        return implode(
            ' x ',
            array_map(
                static fn (float $mm): string => ShopLength::format($mm, $units),
                array_filter(
                    [$this->widthMm, $this->heightMm, $this->thicknessMm],
                    static fn (float $mm): bool => $mm > 0.0,
                ),
            ),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'group' => $this->group->value,
            'label' => $this->label,
            'count' => $this->count,
            'widthMm' => $this->widthMm,
            'heightMm' => $this->heightMm,
            'thicknessMm' => $this->thicknessMm,
            'note' => $this->note,
            'insideMm' => $this->insideMm,
            'outsideMm' => $this->outsideMm,
            'outline' => $this->outline,
            'holes' => array_map(static fn (CutHole $hole): array => $hole->toArray(), $this->holes),
        ];
    }
}
