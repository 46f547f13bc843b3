<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** Where a media basket stands, and what lies in it. */
final readonly class BasketUse
{
    /** @param  list<Layer>  $layers  of a shelf in the order in which the water meets them */
    public function __construct(
        public int $chamber,
        /** How high its foot stands over the floor, mm. */
        public float $standMm = 0.0,
        /** Whether a strip along its front keeps the water from passing beside it. */
        public bool $sealed = false,
        public array $layers = [],
    ) {
    }

    /** @return list<Layer> of one shelf, counted from 1 at the top */
    public function on(int $shelf): array
    {
        return array_values(array_filter($this->layers, static fn (Layer $layer): bool => $layer->shelf === $shelf));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'chamber' => $this->chamber,
            'standMm' => $this->standMm,
            'sealed' => $this->sealed,
            'layers' => array_map(static fn (Layer $layer): array => $layer->toArray(), $this->layers),
        ];
    }
}
