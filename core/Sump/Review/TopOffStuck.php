<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The reservoir of the top-off fits, should its switch stick. */
final class TopOffStuck extends PinnedRule
{
    protected function pin(): string
    {
        return '#top-off';
    }

    protected function findings(Situation $here): iterable
    {
        $reservoir = $here->section->water->reservoirLitres;
        if ($reservoir === null || ! $here->flowIsKnown) {
            return;
        }
        $running = $here->freeLitres();
        if ($running === null) {
            return;
        }
        $isBehind = $here->section->front !== null;
        $unknown = $here->missingOfPowerCut() !== [];
        // Behind a display a power cut only moves the water, which is all in one tank.
        $after = $unknown || $isBehind ? $running : $here->marginLitres();
        $figures = [
            'reservoir' => Quantity::litres($reservoir),
            'running' => Quantity::litres(max(0.0, $running)),
            'after' => Quantity::litres(max(0.0, $after)),
        ];
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $close = $margin->value * ($here->section->litresPerMm() + ($here->section->front?->litresPerMm() ?? 0.0));
        if ($reservoir <= $running && $reservoir > $running - $close) {
            yield Finding::of(
                Severity::Caution,
                'top-off-close',
                'A top-off that sticks only just fits',
                Text::of(
                    'The reservoir holds {reservoir}; while running {running} fit, all but to the rim.',
                    ...$figures,
                ),
                $margin,
            )->because(
                'A switch that sticks empties the whole reservoir.',
                'Take a smaller reservoir, or a top-off that stops after a set time.',
            );
        }
        if ($reservoir > $running) {
            yield Finding::of(
                Severity::Caution,
                'top-off-floods',
                'A top-off that sticks floods',
                Text::of(
                    $isBehind
                        ? 'The reservoir holds {reservoir}; while running {running} fit in display and chambers.'
                        : 'The reservoir holds {reservoir}; while running {running} fit in the sump.',
                    ...$figures,
                ),
            )->because(
                'A switch that sticks empties the whole reservoir.',
                'Take a smaller reservoir, or a top-off that stops after a set time.',
            );
        } elseif (! $unknown && $reservoir > $after) {
            yield Finding::of(
                Severity::Remark,
                'top-off-and-power-cut',
                'A top-off that sticks and then a power cut do not fit together',
                Text::of(
                    'The reservoir holds {reservoir}; beside what comes down in a power cut {after} fit.',
                    ...$figures,
                ),
            )->because('Each alone fits.', 'A top-off that stops after a set time keeps the room free.');
        }
    }
}
