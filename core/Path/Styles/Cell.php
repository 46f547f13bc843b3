<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumption;
use Ithys\Severity;

/** How one style does by one criterion: a figure or a few words, how it suits this room, and why. */
final readonly class Cell
{
    public function __construct(
        public string $text,
        public Severity $suits,
        public string $reason,
        public ?string $school = null,
        public ?Assumption $basis = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'text' => $this->text,
            'severity' => $this->suits->value,
            'reason' => $this->reason,
            'school' => $this->school,
            'basis' => $this->basis?->toArray(),
        ];
    }
}
