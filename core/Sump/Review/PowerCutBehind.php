<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Where the water of a display and of the chambers behind it comes to rest in a power cut. */
final class PowerCutBehind extends PinnedRule
{
    private const WHY = 'The display runs down to the foot of the slots, and back through the return until its mouth '
        .'draws air.';

    protected function pin(): string
    {
        return '#rear';
    }

    protected function findings(Situation $here): iterable
    {
        if ($here->section->front !== null) {
            yield $this->finding($here);
        }
    }

    private function finding(Situation $here): Finding
    {
        $missing = $here->missingOfPowerCut();
        $figures = [
            'freeboard' => Quantity::mm($here->marginMm()),
            'level' => Quantity::mm($here->powerCut->highestMm()),
            'rim' => Quantity::mm($here->section->vessel->heightMm),
        ];
        $margin = $here->assumptions->of(Assumed::RimMargin);

        return match (true) {
            $here->marginMm() < 0.0 => Finding::of(
                Severity::Fault,
                'power-cut-flood',
                'A power cut floods',
                Text::of('The chambers would fill to {level}; the rim is at {rim}.', ...$figures),
            )->because(self::WHY, 'Set the mouth of the return higher, or run the pump chamber lower.'),
            $missing !== [] => Finding::of(
                Severity::Caution,
                'power-cut-unknown',
                'A power cut is not reckoned yet',
                Text::of('Not known: {missing}.', missing: Text::join(', ', $missing)),
            )->because(
                self::WHY,
                'Give the inner size of the display under Path, Water; the mouth of the return and the flow here.',
            ),
            $here->marginMm() < $margin->value => Finding::of(
                Severity::Caution,
                'power-cut-close',
                'A power cut just fits',
                Text::of('The chambers then stand {freeboard} under the rim.', ...$figures),
                $margin,
            )->because(self::WHY, 'Set the mouth of the return higher, or run the pump chamber lower.'),
            default => Finding::of(
                Severity::Good,
                'power-cut-fits',
                'A power cut fits',
                Text::of(
                    'The display falls to {display}; the chambers rise to {level}, {freeboard} under the rim.',
                    ...[...$figures, 'display' => Quantity::mm((float) $here->powerCut->displayMm)],
                ),
            ),
        };
    }
}
