<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

use Ithys\Assumption\Assumption;

/** One thing to buy or provide: how much, and the arithmetic behind it. */
final readonly class Need
{
    public function __construct(
        public string $code,
        public string $what,
        public string $amount,
        public string $why,
        public ?Assumption $basis = null,
        public ?string $at = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'what' => $this->what,
            'amount' => $this->amount,
            'why' => $this->why,
            'basis' => $this->basis?->toArray(),
            'at' => $this->at,
        ];
    }
}
