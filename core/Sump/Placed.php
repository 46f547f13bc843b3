<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** A device in a chamber: its box, how it stands, and what water it asks for. */
final readonly class Placed
{
    public function __construct(
        public string $id,
        /** skimmer, heater, pump, roller or other */
        public string $kind,
        public string $name,
        public int $chamber,
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        /** How high its foot stands over the floor, mm. */
        public float $standMm = 0.0,
        /**
         * Least and most depth of water its maker asks for, over its foot, mm; for a heater the first is its minimum
         * line.
         */
        public ?float $depthLowMm = null,
        public ?float $depthHighMm = null,
        /** The item of the path it is, where it was placed from there. */
        public string $item = '',
    ) {
    }

    /** Water over the minimum line of a heater, mm; null while its line is not given or its chamber is gone. */
    public function coverMm(WaterLines $lines): ?float
    {
        $level = $lines->levelsMm[$this->chamber] ?? null;

        return $this->kind !== 'heater' || $this->depthLowMm === null || $level === null
            ? null
            : $level - $this->standMm - $this->depthLowMm;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'name' => $this->name,
            'chamber' => $this->chamber,
            'lengthMm' => $this->lengthMm,
            'widthMm' => $this->widthMm,
            'heightMm' => $this->heightMm,
            'standMm' => $this->standMm,
            ...$this->depthLowMm === null ? [] : ['depthLowMm' => $this->depthLowMm],
            ...$this->depthHighMm === null ? [] : ['depthHighMm' => $this->depthHighMm],
            ...$this->item === '' ? [] : ['item' => $this->item],
        ];
    }
}
