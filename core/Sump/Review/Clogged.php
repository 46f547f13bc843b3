<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Flow\Standpipe;
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
        $level = $this->levelMm($tray, $here, $flow, $rim);
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $edge = $this->edgeMm($tray, $here);
        $figures = [
            'level' => Quantity::mm($level),
            'under' => Quantity::mm($rim - $level),
            'rim' => Quantity::mm($rim),
            'flow' => Quantity::perHour($flow),
            'over' => Quantity::litres(max(0.0, $flow - $this->passes($tray, $here, $rim)) / 60),
            'next' => $tray->chamber + 2,
        ];
        $where = match (true) {
            $edge === null || $edge >= $level => 'goes down the standpipe.',
            $edge > ($this->behind($tray, $here)->topMm ?? 0.0) => 'runs unfiltered over the open edge of the tray '
                .'into chamber {next}.',
            default => 'runs unfiltered over the baffle behind it into chamber {next}.',
        };
        $finding = match (true) {
            $level >= $rim => Finding::of(
                Severity::Fault,
                'clogged-no-way',
                'A clogged sock or roller floods',
                Text::of(
                    ($tray->has(OpeningKind::Standpipe) || $edge !== null
                        ? 'Standpipe and baffle do not pass all of it.'
                        : 'There is no other way down.')
                        .' The water rises to the rim at {rim} and {over} a minute run over it.',
                    ...$figures,
                ),
            )->because(
                'Cloth clogs overnight: a feeding too many, a slime, a pest that dies off.',
                'Add a standpipe to the tray with its mouth above the usual water and well below the rim, wide '
                    .'enough for all of the flow.',
            ),
            $rim - $level < $margin->value => Finding::of(
                Severity::Caution,
                'clogged-close',
                'A clogged sock or roller only just does not flood',
                Text::of(
                    "The water then stands at {level}, {under} under the rim, and {$where} Approximate.",
                    ...$figures,
                ),
                $margin,
            )->because(
                'A level is not known to a few millimetres, and a wave is higher.',
                Text::of('Leave at least {margin}.', margin: $margin->quantity()),
            ),
            default => Finding::of(
                Severity::Good,
                'clogged-fits',
                'A clogged sock or roller does not flood',
                Text::of(
                    "The water then stands at {level}, {under} under the rim, and {$where} Approximate.",
                    ...$figures,
                ),
            )->because('Then nothing filters: look at the tray when you hear it.'),
        };
        yield $finding->at($tray->id);
    }

    /** Where the water comes to rest when all of it takes the other ways, at most the rim, mm over the floor. */
    private function levelMm(Tray $tray, Situation $here, float $flow, float $rim): float
    {
        [$low, $high] = [0.0, $rim];
        if ($this->passes($tray, $here, $rim) < $flow) {
            return $rim;
        }
        while ($high - $low > 0.01) {
            $middle = ($low + $high) / 2;
            $this->passes($tray, $here, $middle) < $flow ? $low = $middle : $high = $middle;
        }

        return $high;
    }

    /** What baffle and standpipes pass at a level over the floor, L/h. */
    private function passes(Tray $tray, Situation $here, float $level): float
    {
        $passed = 0.0;
        $edge = $this->edgeMm($tray, $here);
        $behind = $this->behind($tray, $here);
        if ($edge !== null && $behind !== null && $level > $edge) {
            $passed += (new Weir($edge, $here->section->vessel->widthMm * (
                $edge > $behind->topMm ? 1.0 : $behind->openShare
            )))->flow($level - $edge);
        }
        foreach ($tray->of(OpeningKind::Standpipe) as $pipe) {
            $head = $level - $tray->topMm - $pipe->standsMm;
            $passed += $head > 0.0
                ? (new Standpipe($pipe->lengthMm, $here->assumptions->value(Assumed::Orifice)))->flow($head)
                : 0.0;
        }

        return $passed;
    }
}
