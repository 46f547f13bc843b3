<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Quantity\UnitSystem;

/** What a line is read against: the keeper's clock and zone, units, and the water of the tank. */
final readonly class Context
{
    /** Defaults as the tank has them. */
    public Assumptions $assumptions;

    /** @param  list<Container>  $containers  what media can be put in, by the path in force */
    public function __construct(
        /** Now, in the keeper's zone. */
        public DateTimeImmutable $now,
        public UnitSystem $units,
        /** Working volume in litres, for a water change in per cent. */
        public float $workingLitres,
        ?Assumptions $assumptions = null,
        public array $containers = [],
        /** @var array<string, string> the kit last used, by parameter */
        public array $kits = [],
        /** Share of the biological media renewed in the months before. */
        public float $renewed = 0.0,
    ) {
        $this->assumptions = $assumptions ?? Assumptions::standard();
    }
}
