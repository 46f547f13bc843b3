<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Panel\PanelLoad;
use Ithys\Panel\Sheet;
use Ithys\Panel\Support;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\WaterLines;

/** A baffle holds the water that stands higher on its one side than on the other. */
final class BaffleStrength extends PanelRule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->baffles as $i => $baffle) {
            if ($baffle->hangs()) {
                continue;
            }
            $states = [
                'while running' => $here->running,
                'after a power cut' => $here->powerCut,
                'with the return emptied' => $here->emptied,
            ];
            $depths = array_map(
                fn (WaterLines $lines): float => $this->depthMm(
                    $baffle,
                    $lines->levelsMm[$i],
                    $lines->levelsMm[$i + 1],
                ),
                $states,
            );
            $state = (string) array_search(max($depths), $depths, true);
            $load = $this->load($here, $baffle, max($depths));
            if (! $load->isSafe()) {
                yield $this->strength('panel-baffle', 'This baffle', $load, Support::FreeTop->label(), $state, $here)
                    ->at($baffle->id);

                continue;
            }
            $filling = $this->load($here, $baffle, $baffle->topMm);
            if (! $filling->isSafe()) {
                $finding = $this->strength(
                    'panel-baffle-filling',
                    'This baffle',
                    $filling,
                    Support::FreeTop->label(),
                    'with water to its top on one side and none on the other',
                    $here,
                );
                yield Finding::of(
                    Severity::Remark,
                    $finding->code,
                    'Fill both sides of this baffle together',
                    $finding->sentence,
                    $finding->basis,
                )
                    ->at($baffle->id)
                    ->because('It bears its water while running; one side alone is more. '.self::NO_CERTIFICATE);
            }
        }
    }

    /** Depth that loads it as much with nothing behind it: by the moment about the floor, approximate. */
    private function depthMm(Baffle $baffle, float $oneMm, float $otherMm): float
    {
        $high = min($baffle->topMm, max($oneMm, $otherMm));
        $low = min($high, $oneMm, $otherMm);

        return ($high ** 3 - $low ** 3) ** (1 / 3);
    }

    private function load(Situation $here, Baffle $baffle, float $depthMm): PanelLoad
    {
        $vessel = $here->section->vessel;

        return PanelLoad::filled(
            new Sheet($vessel->widthMm, $baffle->topMm, $baffle->thicknessMm, $baffle->material($vessel->material)),
            max(1.0, $depthMm),
            Support::FreeTop,
            $here->assumptions,
            $here->density,
        );
    }
}
