<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** What one model makes of the readings before it is fitted. */
final readonly class Sight
{
    /**
     * @param  list<list<float>>  $columns  response at each reading to the level at the start, the input, its change
     *   and other changes
     * @param  list<float>  $source  what new water has brought, at each reading
     * @param  list<list<float>>  $rows  the columns, whitened
     * @param  list<float>  $y  the readings less what new water brought, whitened
     * @param  list<float>  $variances  of each reading, in units of a plain one
     */
    public function __construct(
        public array $columns,
        public array $source,
        public array $rows,
        public array $y,
        public array $variances,
    ) {
    }
}
