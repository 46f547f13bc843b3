<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Rear\RearWall;

/** The slots before rear chambers carry the flow and draw the surface. */
final class SlotsDraw extends PinnedRule
{
    protected function pin(): string
    {
        return '#rear';
    }

    protected function findings(Situation $here): iterable
    {
        $wall = $here->section->inside->rear;

        return $wall === null ? [] : [...$this->drawn($here, $wall), ...$this->running($here, $wall)];
    }

    /** @return list<Finding> whether the slots can be as they are drawn */
    private function drawn(Situation $here, RearWall $wall): array
    {
        $rim = $here->section->vessel->heightMm;
        $figures = [
            'foot' => Quantity::mm($wall->crestMm),
            'top' => Quantity::mm($wall->slotTopMm),
            'rim' => Quantity::mm($rim),
        ];

        return match (true) {
            $wall->slotTopMm <= $wall->crestMm => [
                Finding::of(
                    Severity::Fault,
                    'slots-closed',
                    'The slots have no height',
                    Text::of('Their foot is at {foot}, their upper end at {top}.', ...$figures),
                )->because('No water gets through.', 'Give the foot of the slots and, above it, their upper end.'),
            ],
            $wall->crestMm >= $rim => [
                Finding::of(
                    Severity::Fault,
                    'slots-over-rim',
                    'The slots are over the rim',
                    Text::of('Their foot is at {foot}, the rim at {rim}.', ...$figures),
                )->because('The display runs over before water gets there.', 'Measure both from the same floor.'),
            ],
            default => [],
        };
    }

    /** @return list<Finding> how the water stands at the slots while it runs */
    private function running(Situation $here, RearWall $wall): array
    {
        $level = $here->running->displayMm;
        if (! $here->flowIsKnown || $level === null || $wall->slotTopMm <= $wall->crestMm) {
            return [];
        }
        $rim = $here->section->vessel->heightMm;
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $behind = $here->section->front?->beforeMm(0, $here->running->levelsMm[0], $here->litresPerHour) ?? 0.0;
        $figures = [
            'level' => Quantity::mm($level),
            'head' => Quantity::mm($level - $wall->crestMm),
            'toRim' => Quantity::mm($rim - $level),
            'rim' => Quantity::mm($rim),
            'top' => Quantity::mm($wall->slotTopMm),
        ];

        return [
            ...match (true) {
                $level > $rim => [
                    Finding::of(
                        Severity::Fault,
                        'display-over',
                        'The display overflows while running',
                        Text::of(
                            'To get through the slots the water would stand at {level}; the rim is at {rim}.',
                            ...$figures,
                        ),
                    )->because(
                        'The slots let through less than the pump brings.',
                        'Take a smaller flow, or longer or more open slots.',
                    ),
                ],
                $level > $rim - $margin->value => [
                    Finding::of(
                        Severity::Caution,
                        'display-high',
                        'The display runs close to the rim',
                        Text::of('The water stands {toRim} under it.', ...$figures),
                        $margin,
                    )->because(
                        'A wave or a slot that clogs is enough.',
                        'Take a smaller flow, or longer or more open slots.',
                    ),
                ],
                $level > $wall->slotTopMm => [
                    Finding::of(
                        Severity::Caution,
                        'slots-drowned',
                        'The surface is not drawn off',
                        Text::of('The water stands at {level}, over the slots, which end at {top}.', ...$figures),
                    )->because(
                        'Water goes in under the surface; the film stays.',
                        'Take a smaller flow, longer or more open slots, or slots that end higher.',
                    ),
                ],
                default => [
                    Finding::of(
                        Severity::Good,
                        'slots-draw',
                        'The slots draw the surface',
                        Text::of(
                            'Running, the display stands {head} over their foot and {toRim} under the rim. '
                                .'Approximate: the weir formula is proven for larger heads.',
                            ...$figures,
                        ),
                    ),
                ],
            },
            ...$behind > $wall->crestMm
                ? [
                    Finding::of(
                        Severity::Caution,
                        'slots-backed-up',
                        'Water behind the slots holds the display up',
                        Text::of(
                            'Behind them it stands {over} over their foot.',
                            over: Quantity::mm($behind - $wall->crestMm),
                        ),
                    )->because(
                        'The level of the display then hangs on what is behind, and less of the surface is drawn.',
                        'Lower the baffle or the basket behind the slots, or run the pump chamber lower.',
                    ),
                ]
                : [],
        ];
    }
}
