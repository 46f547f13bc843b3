<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Packing\Nest;

/** Pieces of one kind and thickness on their stock sheets. */
final readonly class StockUse
{
    /**
     * @param  non-empty-list<CutPanel>  $panels
     * @param  list<list<Nest>>  $sheets  what lies on each; of equal pieces one sheet stands for all
     * @param  ?int  $perSheet  how many equal pieces one sheet gives; null where they differ
     * @param  list<CutPanel>  $tooLarge  what no sheet of this size gives
     */
    public function __construct(
        public string $label,
        public Stock $stock,
        public array $panels,
        public array $sheets,
        public int $sheetsNeeded,
        public ?int $perSheet,
        public array $tooLarge,
    ) {
    }

    public function group(): CutGroup
    {
        return $this->panels[0]->group;
    }

    public function thicknessMm(): float
    {
        return $this->panels[0]->shape->thicknessMm;
    }

    /** Share of the area of all sheets that ends up in pieces. */
    public function usedShare(): float
    {
        $pieces = array_filter($this->panels, fn (CutPanel $panel): bool => ! in_array($panel, $this->tooLarge, true));
        $area = array_sum(
            array_map(
                static fn (CutPanel $one): float => $one->count * $one->shape->widthMm * $one->shape->heightMm,
                $pieces,
            ),
        );

        return $this->sheetsNeeded === 0
            ? 0.0
            : $area / ($this->sheetsNeeded * $this->stock->lengthMm * $this->stock->widthMm);
    }

    public function panel(string $id): CutPanel
    {
        foreach ($this->panels as $panel) {
            if ($panel->id === $id) {
                return $panel;
            }
        }

        throw new \OutOfBoundsException("No piece {$id} lies on these sheets.");
    }
}
