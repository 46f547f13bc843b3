<?php

declare(strict_types=1);

namespace Ithys\Water;

/** The display as it is described: a box or cylinder by its inner size, or a plain volume. */
final readonly class Display
{
    private function __construct(
        public string $shape,
        /** Inner length of a box or inner diameter of a cylinder, mm. */
        public ?float $lengthMm,
        public ?float $widthMm,
        public ?float $heightMm,
        /** How far the water stands below the rim, mm. */
        public float $belowRimMm,
        public ?float $litres,
    ) {
    }

    public static function box(float $lengthMm, float $widthMm, float $heightMm, float $belowRimMm = 0.0): self
    {
        return new self('box', $lengthMm, $widthMm, $heightMm, $belowRimMm, null);
    }

    public static function cylinder(float $diameterMm, float $heightMm, float $belowRimMm = 0.0): self
    {
        return new self('cylinder', $diameterMm, null, $heightMm, $belowRimMm, null);
    }

    public static function volume(float $litres): self
    {
        return new self('volume', null, null, null, 0.0, $litres);
    }

    /** Litres to the rim. */
    public function grossLitres(): float
    {
        return $this->litres ?? (float) $this->surfaceSquareMm() * (float) $this->heightMm / 1e6;
    }

    /** Litres of air between the water and the rim. */
    public function unfilledLitres(): float
    {
        return (float) $this->surfaceSquareMm() * $this->belowRimMm / 1e6;
    }

    /** Surface of the water, mm²; null where only a volume is known. */
    public function surfaceSquareMm(): ?float
    {
        return match ($this->shape) {
            'box' => (float) $this->lengthMm * (float) $this->widthMm,
            'cylinder' => M_PI * ((float) $this->lengthMm) ** 2 / 4,
            default => null,
        };
    }
}
