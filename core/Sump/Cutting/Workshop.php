<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Assumption\Assumptions;

/** What else is cut for a filter, and the sheets it is cut from. */
final readonly class Workshop
{
    /**
     * @param  list<Pad>  $pads
     * @param  array<string, Stock>  $stock  by {@see CutGroup}, where it is not the usual one
     * @param  ?int  $litChamber  the chamber with a light over it, which is closed off by blackout panels
     */
    public function __construct(
        public array $pads = [],
        public array $stock = [],
        public ?int $litChamber = null,
        public ?float $blackoutMm = null,
        public ?Basket $basket = null,
    ) {
    }

    public function stock(CutGroup $group, Assumptions $assumptions): ?Stock
    {
        return $this->stock[$group->value] ?? $group->usualStock($assumptions);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'pads' => array_map(static fn (Pad $pad): array => $pad->toArray(), $this->pads),
            'stock' => array_map(static fn (Stock $stock): array => $stock->toArray(), $this->stock),
            'litChamber' => $this->litChamber,
            'blackoutMm' => $this->blackoutMm,
            'basket' => $this->basket?->toArray(),
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
