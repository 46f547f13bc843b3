<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** One default the core relies on: its value, unit, kind and source. */
final readonly class Assumption
{
    public function __construct(
        public string $key,
        public string $label,
        public float $value,
        public string $unit,
        public AssumptionKind $kind,
        public string $source,
    ) {
    }

    /** @return array{key: string, label: string, value: float, unit: string, kind: string, source: string} */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'label' => $this->label,
            'value' => $this->value,
            'unit' => $this->unit,
            'kind' => $this->kind->value,
            'source' => $this->source,
        ];
    }
}
