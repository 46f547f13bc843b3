<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Flow\UnderGap;
use Ithys\Flow\Weir;
use Ithys\Panel\Material;

/** One baffle across the sump, measured from the wall at the inlet and from the floor, inside. */
final readonly class Baffle
{
    public function __construct(
        public string $id,
        public BaffleKind $kind,
        /** Face towards the inlet, from the inner face of the inlet wall, mm. */
        public float $atMm,
        public float $thicknessMm,
        /**
         * Where the water goes over it, over the floor, mm: its top edge, or the foot of the slots of a comb, whose
         * teeth stand above.
         */
        public float $topMm,
        /** Clear height under it, mm; 0 for one that stands on the floor. */
        public float $gapMm = 0.0,
        /** Open share of the top edge, 1 without teeth. */
        public float $openShare = 1.0,
    ) {
    }

    public function endMm(): float
    {
        return $this->atMm + $this->thicknessMm;
    }

    /** Whether the water goes under it. */
    public function hangs(): bool
    {
        return $this->gapMm > 0.0;
    }

    /** Its highest edge over the floor, mm: of a comb, the tips of the teeth. */
    public function edgeMm(Assumptions $assumptions): float
    {
        return $this->topMm + ($this->isToothed() ? $assumptions->value(Assumed::CombTeeth) : 0.0);
    }

    /** What it is made of in a sump of some material: teeth are not cut into glass. */
    public function material(Material $sump): Material
    {
        return $this->isToothed() ? Material::Acrylic : $sump;
    }

    public function isToothed(): bool
    {
        return $this->kind === BaffleKind::Comb && $this->openShare < 1.0;
    }

    /** Width of a tooth between two slots, mm. */
    public function toothMm(Assumptions $assumptions): float
    {
        return $assumptions->value(Assumed::CombSlot) * (1 / $this->openShare - 1);
    }

    /** The clear space under it. */
    public function gap(float $widthMm, Assumptions $assumptions): UnderGap
    {
        return new UnderGap($this->gapMm, $widthMm, $assumptions->value(Assumed::Orifice));
    }

    /** Its top as a weir. */
    public function overflow(float $widthMm): Weir
    {
        return new Weir($this->topMm, $widthMm * $this->openShare);
    }

    /** Water over the top and under the gap between two levels over the floor, L/h. */
    public function flow(float $levelBeforeMm, float $levelAfterMm, float $widthMm, Assumptions $assumptions): float
    {
        $over = $this->overflow($widthMm)->flow($levelBeforeMm - $this->topMm, $levelAfterMm - $this->topMm);
        $under = $this->hangs()
            ? $this->gap($widthMm, $assumptions)->flow($levelBeforeMm - max($levelAfterMm, $this->gapMm / 2))
            : 0.0;

        return $over + $under;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'atMm' => $this->atMm,
            'thicknessMm' => $this->thicknessMm,
            'topMm' => $this->topMm,
            ...$this->kind === BaffleKind::Under ? ['gapMm' => $this->gapMm] : [],
            ...$this->kind === BaffleKind::Comb ? ['openShare' => $this->openShare] : [],
        ];
    }
}
