<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Panel\PanelLoad;
use Ithys\Panel\Support;

/** A baffle with water to its top on one side and none on the other. */
final class BaffleStrength extends PanelRule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->baffles as $baffle) {
            if ($baffle->hangs()) {
                continue;
            }
            $load = PanelLoad::of(
                $here->section->vessel->widthMm,
                $baffle->topMm,
                $baffle->thicknessMm,
                $here->section->vessel->material,
                Support::FreeTop,
                $here->assumptions,
                $here->density,
            );
            if (! $load->isSafe()) {
                yield $this->strength('panel-baffle', 'This baffle', $load, Support::FreeTop->label(), $here)
                    ->at($baffle->id);
            }
        }
    }
}
