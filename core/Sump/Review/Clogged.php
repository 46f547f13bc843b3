<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Flow\Weir;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;

/** When every sock and roller of a tray is clogged the water still has a way down. */
final class Clogged extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        $flow = $here->litresPerHour;
        if (! $tray->canClog() || $flow <= 0.0) {
            return;
        }
        $rim = $here->section->vessel->heightMm;
        $spill = $this->spillMm($tray, $here);
        $pipe = $tray->cloggedLevelMm($flow, $here->assumptions);
        $level = min($pipe ?? INF, $spill ?? INF);
        yield $level >= $rim
            ? Finding::of(
                Severity::Fault,
                'clogged-no-way',
                'A clogged sock or roller floods',
                Text::of(
                    '{way} The water rises to the rim at {rim} and {over} a minute run over it.',
                    way: $tray->has(OpeningKind::Standpipe)
                        ? 'Its standpipe would need more height than there is.'
                        : 'There is no other way down.',
                    rim: Quantity::mm($rim),
                    over: Quantity::litres($flow / 60),
                ),
            )
                ->at($tray->id)
                ->because(
                    'Cloth clogs overnight: a feeding too many, a slime, a pest that dies off.',
                    'Add a standpipe to the tray with its mouth above the usual water and well below the rim, wide '
                        .'enough for all of the flow.',
                )
            : Finding::of(
                Severity::Good,
                'clogged-fits',
                'A clogged sock or roller does not flood',
                $spill !== null && $spill <= $level
                    ? Text::of(
                        'The water then stands at {level}, {under} under the rim: all {flow} run unfiltered {over} '
                            .'into chamber {next}. Approximate.',
                        level: Quantity::mm($level),
                        under: Quantity::mm($rim - $level),
                        flow: Quantity::perHour($flow),
                        over: $this->edgeMm($tray, $here) > ($this->behind($tray, $here)->topMm ?? 0.0)
                            ? 'over the open edge of the tray'
                            : 'over the baffle behind it',
                        next: $tray->chamber + 2,
                    )
                    : Text::of(
                        'The water then stands at {level}, {under} under the rim, and goes down the standpipe. '
                            .'Approximate.',
                        level: Quantity::mm($level),
                        under: Quantity::mm($rim - $level),
                    ),
            )
                ->at($tray->id)
                ->because('Then nothing filters: look at the tray when you hear it.');
    }

    /** How high water stands that all runs over the baffle behind the tray, mm; null where it cannot. */
    private function spillMm(Tray $tray, Situation $here): ?float
    {
        $edge = $this->edgeMm($tray, $here);
        $behind = $this->behind($tray, $here);

        return $edge === null || $behind === null
            ? null
            : $edge + (new Weir($edge, $here->section->vessel->widthMm * (
                $edge > $behind->topMm ? 1.0 : $behind->openShare
            )))->head($here->litresPerHour);
    }
}
