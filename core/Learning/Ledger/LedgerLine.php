<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

use Ithys\Nutrient\Element;

/** One way in, one way out or one store of the ledger; mg a week of nitrogen and phosphorus. */
final readonly class LedgerLine
{
    /** @param  array{float, float}  $perWeek  of a store by how much it grew */
    public function __construct(
        public string $key,
        public string $label,
        public array $perWeek,
        public Origin $origin,
        /** The assumption that matters most to it. */
        public ?string $assumption = null,
        /** A word of the journal entries behind it. */
        public ?string $entries = null,
    ) {
    }

    public function of(Element $element): float
    {
        return $this->perWeek[$element === Element::Nitrogen ? 0 : 1];
    }
}
