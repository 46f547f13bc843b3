<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** A device in a chamber: its box, how it stands, and what water it asks for. */
final readonly class Placed
{
    public function __construct(
        public string $id,
        public DeviceKind $kind,
        public string $name,
        public int $chamber,
        public Size $size,
        /** How high its foot stands over the floor, mm. */
        public float $standMm = 0.0,
        public Depth $depth = new Depth,
        /** The item of the path it is, where it was placed from there. */
        public string $item = '',
    ) {
    }

    /** Its highest point over the floor, mm. */
    public function topMm(): float
    {
        return $this->standMm + $this->size->heightMm;
    }

    /** Water over the minimum line of a heater, mm; null while its line is not given or its chamber is gone. */
    public function coverMm(WaterLines $lines): ?float
    {
        $level = $lines->levelsMm[$this->chamber] ?? null;

        return $this->kind !== DeviceKind::Heater || $this->depth->leastMm === null || $level === null
            ? null
            : $level - $this->standMm - $this->depth->leastMm;
    }

    public function inChamber(int $chamber): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->name,
            $chamber,
            $this->size,
            $this->standMm,
            $this->depth,
            $this->item,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'name' => $this->name,
            'chamber' => $this->chamber,
            'lengthMm' => $this->size->lengthMm,
            'widthMm' => $this->size->widthMm,
            'heightMm' => $this->size->heightMm,
            'standMm' => $this->standMm,
            ...$this->depth->leastMm === null ? [] : ['depthLowMm' => $this->depth->leastMm],
            ...$this->depth->mostMm === null ? [] : ['depthHighMm' => $this->depth->mostMm],
            ...$this->item === '' ? [] : ['item' => $this->item],
        ];
    }
}
