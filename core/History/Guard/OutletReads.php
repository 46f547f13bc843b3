<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Outlet\Outlet;
use Ithys\Journal\Payload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Readings of a reactor that say that more comes out than goes in. */
final class OutletReads implements GuardRule
{
    public function doubts(Payload $dose, DoseContext $here): array
    {
        return $dose instanceof Outlet && $dose->out > $dose->in ? [Doubt::ask('outlet-more', Text::of(
            'More phosphate comes out ({out}) than goes in ({in}). Were the two readings swapped?',
            out: Quantity::ppm($dose->out),
            in: Quantity::ppm($dose->in),
        ))] : [];
    }
}
