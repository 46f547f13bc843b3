<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Panel\Material;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** One sheet to be cut, and where it goes. */
final readonly class CutPanel
{
    public function __construct(
        public string $id,
        public CutGroup $group,
        public string $label,
        public CutShape $shape,
        public string $note = '',
        /** Where it is set along the sump; null for what is not. */
        public ?SetAt $set = null,
        public int $count = 1,
        /** Of a baffle; what else is cut is of the usual stuff of its kind. */
        public ?Material $material = null,
    ) {
    }

    /** What it is cut of. */
    public function stuff(): string
    {
        return $this->material->value ?? $this->group->stuff();
    }

    /** Whether it is sawn, so that each cut takes its width; glass is scored, grid nipped and mat cut. */
    public function isSawn(): bool
    {
        return $this->stuff() === 'acrylic';
    }

    /** What is done to its edges. */
    public function edges(): string
    {
        return $this->material === Material::Glass
            ? 'all edges ground by the glazier'
            : $this->group->edges();
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
        $shape = CutShape::rectangle($widthMm, $heightMm, $thicknessMm);

        return new self($id, $group, $label, $shape, $note, count: $count);
    }

    /** @param  list<CutHole>  $holes */
    public function with(array $holes): self
    {
        return $this->shaped($this->shape->with($holes));
    }

    /** The same a quarter turned, as it may lie on a stock sheet. */
    public function turned(): self
    {
        return $this->shaped($this->shape->turned());
    }

    /** Width, height and thickness as a workshop reads them. */
    public function size(): Text
    {
        $sides = array_filter(
            [$this->shape->widthMm, $this->shape->heightMm, $this->shape->thicknessMm],
            static fn (float $mm): bool => $mm > 0.0,
        );

        return Text::join(' x ', array_map(Quantity::mm(...), $sides));
    }

    private function shaped(CutShape $shape): self
    {
        return new self(
            $this->id,
            $this->group,
            $this->label,
            $shape,
            $this->note,
            $this->set,
            $this->count,
            $this->material,
        );
    }
}
