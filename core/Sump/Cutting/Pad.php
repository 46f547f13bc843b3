<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** A pad or sheet that is cut from stock again and again. */
final readonly class Pad
{
    public function __construct(
        public string $id,
        public string $name,
        public float $lengthMm,
        public float $widthMm,
        public int $count,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'lengthMm' => $this->lengthMm,
            'widthMm' => $this->widthMm,
            'count' => $this->count,
        ];
    }
}
