<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
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
        $level = min($tray->cloggedLevelMm($flow, $here->assumptions) ?? INF, $spill ?? INF);
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
                Text::of(
                    'The water then stands at {level}, {under} under the rim, and goes {way}. Approximate.',
                    level: Quantity::mm($level),
                    under: Quantity::mm($rim - $level),
                    way: $spill !== null && $spill <= $level ? 'over the baffle beside it' : 'down the standpipe',
                ),
            )
                ->at($tray->id)
                ->because('Then nothing filters: look at the tray when you hear it.');
    }

    /**
     * Where water that stands on the tray runs over a baffle beside it: the lowest that is no lower than the tray; null
     * where none is.
     */
    private function spillMm(Tray $tray, Situation $here): ?float
    {
        $tops = [];
        foreach ([$tray->chamber - 1, $tray->chamber] as $i) {
            $baffle = $here->section->inside->baffles[$i] ?? null;
            if (
                $baffle !== null
                && $baffle->topMm >= $tray->topMm
                && $baffle->topMm < $here->section->vessel->heightMm
            ) {
                $weir = $baffle->overflow($here->section->vessel->widthMm);
                $tops[] = $baffle->topMm + $weir->head($here->litresPerHour);
            }
        }

        return $tops === [] ? null : min($tops);
    }
}
