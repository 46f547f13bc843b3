<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What the return can push up while the drain is blocked fits in the display, or has another way down. */
final class BlockedDrain extends PinnedRule
{
    private const WHY = 'A blocked drain or a lost siphon pumps the return chamber into the display.';

    private const MEND = 'Raise the pump, run the return chamber lower or make it smaller, or add an emergency drain '
        .'that splashes as an alarm.';

    protected function pin(): string
    {
        return '#display';
    }

    protected function findings(Situation $here): iterable
    {
        if (! $here->flowIsKnown) {
            return [$this->unknown('How high the water stands over the baffles is not known without the flow.')];
        }
        $gives = Quantity::litres($here->givesUpLitres());
        $room = $here->displayRoomLitres ?? 0.0;
        if ($room <= 0.0) {
            return [
                $this->unknown(Text::of(
                    'The return can push up {gives}. It is not said how much room is above the water line of the '
                        .'display.',
                    gives: $gives,
                )),
            ];
        }
        $figures = [
            'gives' => $gives,
            'room' => Quantity::litres($room),
            'topOff' => Quantity::litres($here->topOffLitres()),
        ];
        $withTopOff = $here->givesUpLitres() + $here->topOffLitres();
        // Room that is left of the margin to the rim is none to count on.
        $margin = $here->assumptions->of(Assumed::RimMargin);
        $counted = $room - $margin->value * (float) $here->section->drainDown->display->squareMm / 1e6;
        $carries = $here->plumbing->emergency->carries($here->assumptions, $here->viscosity);
        $hasEmergency = $carries !== null && $carries >= $here->litresPerHour;

        $hasTopOff = $here->section->water->reservoirLitres === null
            && ($here->path?->itemsOf(Kind::TopOff) ?? []) !== [];

        return [match (true) {
            $withTopOff <= $room && $hasTopOff => Finding::of(
                Severity::Remark,
                'blocked-drain-top-off-unknown',
                'A blocked drain fits, without what the top-off adds',
                Text::of(
                    'The return can push up {gives}; above the water line of the display {room} fit. How much the '
                        .'top-off holds is not given.',
                    ...$figures,
                ),
            )->because(
                'To the top-off a chamber that is pumped empty looks like evaporation.',
                'Give its reservoir under Power cut.',
            ),
            $withTopOff <= $room && $withTopOff > $counted && ! $hasEmergency => Finding::of(
                Severity::Caution,
                'blocked-drain-close',
                'A blocked drain only just fits',
                Text::of(
                    'The return can push up {gives}, and the top-off at most {topOff}; above the water line of the '
                        .'display {room} fit, all but to the rim.',
                    ...$figures,
                ),
                $margin,
            )->because(self::WHY, self::MEND),
            $withTopOff <= $room => Finding::of(
                Severity::Good,
                'blocked-drain-fits',
                'A blocked drain fits',
                $here->topOffLitres() > 0.0
                    ? Text::of(
                        'The return can push up {gives}, and what the top-off adds, at the most {topOff}; above the '
                            .'water line of the display {room} fit.',
                        ...$figures,
                    )
                    : Text::of(
                        'The return can push up {gives}; above the water line of the display {room} fit.',
                        ...$figures,
                    ),
            ),
            $here->givesUpLitres() > $room => $this->tooMuch($here, $figures),
            $hasEmergency => Finding::of(
                Severity::Good,
                'blocked-drain-fits',
                'A blocked drain fits',
                Text::of(
                    'The return can push up {gives}; above the water line of the display {room} fit. The emergency '
                        .'pipe carries all of the return, so the return section does not run empty and the top-off '
                        .'adds nothing.',
                    ...$figures,
                ),
            ),
            default => Finding::of(
                Severity::Caution,
                'blocked-drain-top-off',
                'A blocked drain pushes the reservoir up too',
                Text::of(
                    'The return can push up {gives}, and the top-off fills its chamber again with up to {topOff}; '
                        .'above the water line of the display {room} fit.',
                    ...$figures,
                ),
            )->because(
                'To the top-off a chamber that is pumped empty looks like evaporation.',
                'Take a top-off that stops after a set time, or a reservoir that fits in the display.',
            ),
        }];
    }

    /** @param  array<string, Quantity>  $figures */
    private function tooMuch(Situation $here, array $figures): Finding
    {
        $carries = $here->plumbing->emergency->carries($here->assumptions, $here->viscosity);
        $isSaid = array_filter(
            $here->path?->itemsOf(Kind::OverflowDrilled, Kind::OverflowRim) ?? [],
            static fn (Item $item): bool => $item->is(Flag::Emergency),
        ) !== [];
        $pushes = 'The return can push up {gives}; above the water line of the display {room} fit. ';

        return match (true) {
            $carries !== null && $carries >= $here->litresPerHour => Finding::of(
                Severity::Caution,
                'blocked-drain-emergency',
                'Only the emergency pipe keeps a blocked drain from flooding',
                Text::of(
                    $pushes.'The water takes the emergency pipe, which carries {carries}.',
                    ...[...$figures, 'carries' => Quantity::perHour($carries)],
                ),
            )->because(
                self::WHY,
                'Keep the emergency pipe open and free of valves; look at its mouth when you clean the overflow.',
            ),
            $carries === null && $isSaid => Finding::of(
                Severity::Caution,
                'blocked-drain-emergency',
                'Only the emergency drain keeps a blocked drain from flooding',
                Text::of($pushes.'What the emergency drain carries is not known.', ...$figures),
            )->because(self::WHY, 'Give bore and fall of the emergency pipe; then it is held against the return.'),
            default => Finding::of(
                Severity::Fault,
                'blocked-drain-flood',
                'A blocked drain floods',
                Text::of(
                    $carries === null
                        ? 'The return can push up {gives}; above the water line of the display {room} fit.'
                        : $pushes.'The emergency pipe carries only a part of the return.',
                    ...$figures,
                ),
            )->because(self::WHY, self::MEND),
        };
    }

    private function unknown(Text|string $sentence): Finding
    {
        return Finding::of(
            Severity::Caution,
            'blocked-drain-unknown',
            'A blocked drain is not reckoned yet',
            $sentence,
        )->because(
            self::WHY,
            'Describe the display by its inner size and the gap below the rim, and give the flow, under Path, Water.',
        );
    }
}
