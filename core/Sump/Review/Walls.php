<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Panel\PanelLoad;
use Ithys\Panel\Support;

/** The long wall full to the rim. */
final class Walls extends PanelRule
{
    public function judge(Situation $here): iterable
    {
        $vessel = $here->section->vessel;
        $support = $vessel->braced ? Support::FourEdges : Support::FreeTop;
        $load = PanelLoad::of(
            $vessel->lengthMm,
            $vessel->heightMm,
            $vessel->wallMm,
            $vessel->material,
            $support,
            $here->assumptions,
            $here->density,
        );
        yield $this->strength('panel-wall', 'The long wall', $load, $support->label(), $here);
    }
}
