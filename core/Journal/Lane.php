<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Dimension;

/** A lever on the time axis: what it is called, what its marks mean, and how they are drawn. */
final readonly class Lane
{
    /**
     * @param  string  $key  the kind of entry, or the medium of a charge
     * @param  Dimension|string  $unit  of its single marks
     * @param  Dimension|string  $rateUnit  of its marks where a long time shows rates; a dimension is meant by the day
     * @param  ?float  $full  the amount that fills the lane; null for the most there is in sight
     * @param  string  $tone  what its colour says: plain, food, culture, binder, medium or note
     */
    public function __construct(
        public string $key,
        public string $name,
        public LaneShape $shape,
        public Dimension|string $unit = '',
        public Dimension|string $rateUnit = '',
        public ?float $full = null,
        public string $tone = 'plain',
    ) {
    }
}
