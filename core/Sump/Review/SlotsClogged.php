<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What the pump takes out of the chambers while their slots are clogged stays in the display. */
final class SlotsClogged extends PinnedRule
{
    private const WHY = 'Algae, snails or a pad before the slots hold the water back, and the pump goes on.';

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
        $room = $here->roomBeforeLitres();
        if ($room === null) {
            return Finding::of(
                Severity::Caution,
                'slots-clogged-unknown',
                'Clogged slots are not reckoned yet',
                Text::of('Not known: {missing}.', missing: Text::join(', ', array_values(array_filter([
                    $here->flowIsKnown ? null : Text::wrap('the flow through the chambers'),
                    $here->section->front?->squareMm === null ? Text::wrap('the area of the display') : null,
                ])))),
            )->because(
                self::WHY,
                'Give the inner size of the display under Path, Water, and the pump or the flow.',
            );
        }
        $hasTopOff = $here->section->water->reservoirLitres === null
            && ($here->path?->itemsOf(Kind::TopOff) ?? []) !== [];
        $figures = [
            'gives' => Quantity::litres($here->givesUpLitres()),
            'room' => Quantity::litres(max(0.0, $room)),
            'topOff' => Quantity::litres($here->topOffLitres()),
        ];
        $mend = 'Clean the slots with every water change. Make the pump chamber smaller, raise the pump, or let a '
            .'level switch in the display stop it.';

        return match (true) {
            $here->givesUpLitres() > $room => Finding::of(
                Severity::Fault,
                'slots-clogged-flood',
                'Clogged slots flood',
                Text::of('The pump can bring {gives} into the display, where {room} fit under the rim.', ...$figures),
            )->because(self::WHY, $mend),
            $here->givesUpLitres() + $here->topOffLitres() > $room => Finding::of(
                Severity::Caution,
                'slots-clogged-top-off',
                'Clogged slots flood by what the top-off adds',
                Text::of(
                    'The pump can bring {gives} into the display and the top-off fills its chamber again with up to '
                        .'{topOff}; {room} fit under the rim.',
                    ...$figures,
                ),
            )->because(
                'To the top-off a chamber that is pumped empty looks like evaporation.',
                'Take a top-off that stops after a set time, or a reservoir that fits in the display.',
            ),
            $hasTopOff => Finding::of(
                Severity::Remark,
                'slots-clogged-top-off-unknown',
                'Clogged slots fit, without what the top-off adds',
                Text::of(
                    'The pump can bring {gives} into the display, where {room} fit. How much the top-off holds is not '
                        .'given.',
                    ...$figures,
                ),
            )->because(
                'To the top-off a chamber that is pumped empty looks like evaporation.',
                'Give its reservoir under Power cut.',
            ),
            default => Finding::of(
                Severity::Good,
                'slots-clogged-fit',
                'Clogged slots do not flood',
                $here->topOffLitres() > 0.0
                    ? Text::of(
                        'The pump can bring {gives} into the display and the top-off up to {topOff}; {room} fit.',
                        ...$figures,
                    )
                    : Text::of('The pump can bring {gives} into the display, where {room} fit.', ...$figures),
            ),
        };
    }
}
