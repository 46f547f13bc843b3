<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Media\Medium;

/** What lies on a shelf of a media basket: a pad, or media in what is left over it. */
final readonly class Layer
{
    public function __construct(
        public string $id,
        /** From 1 at the top, where the water comes in. */
        public int $shelf,
        public LayerKind $kind,
        /** Its thickness, mm; null for media, which fill what is left of their shelf. */
        public ?float $heightMm = null,
        public ?Medium $medium = null,
    ) {
    }

    public function label(): string
    {
        return $this->medium?->label() ?? $this->kind->label();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'shelf' => $this->shelf,
            'kind' => $this->kind->value,
            ...$this->heightMm === null ? [] : ['heightMm' => $this->heightMm],
            ...$this->medium === null ? [] : ['medium' => $this->medium->value],
        ];
    }
}
