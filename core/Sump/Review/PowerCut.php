<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What comes down in a power cut fits under the rim. */
final class PowerCut implements Rule
{
    public function judge(Situation $here): iterable
    {
        $section = $here->section;
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $drains = Quantity::litres($section->drainDown->litres());
        $spare = [
            'freeboard' => Quantity::mm($here->marginMm()),
            'spare' => Quantity::litres($here->marginLitres()),
        ];

        yield match (true) {
            $here->marginMm() < 0.0 => Finding::of(
                Severity::Fault,
                'power-cut-flood',
                'A power cut floods',
                Text::of(
                    '{drains} come down and {over} do not fit: they run over the rim.',
                    drains: $drains,
                    over: Quantity::litres(
                        $here->marginLitres() < 0.0
                            ? -$here->marginLitres()
                            : -$here->marginMm() * $section->litresPerMm(),
                    ),
                ),
            )->because(
                'When the pump stops, the display drains to its lowest siphon point, and the pipes and overflow with '
                    .'it.',
                'Lower the running water, raise the return outlets or drill siphon breaks, or take a larger sump.',
            ),
            $here->marginMm() < $margin->value => Finding::of(
                Severity::Caution,
                'power-cut-close',
                'A power cut just fits',
                Text::of('The water then stands {freeboard} under the rim, {spare} to spare.', ...$spare),
                $margin,
            )->because(
                'A wave, a slow check valve or a little too much top-up is enough.',
                Text::of('Leave at least {margin}.', margin: $margin->quantity()),
            ),
            default => Finding::of(
                Severity::Good,
                'power-cut-fits',
                'A power cut fits',
                Text::of(
                    '{drains} come down; the water then stands {freeboard} under the rim, {spare} to spare.',
                    ...['drains' => $drains, ...$spare],
                ),
            ),
        };
    }
}
