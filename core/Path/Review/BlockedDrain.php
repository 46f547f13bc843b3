<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What the return pump can push up while the drain is blocked must fit in the display. */
final class BlockedDrain implements Rule
{
    public function judge(Situation $here): iterable
    {
        $pump = $here->path->itemsOf(Kind::ReturnPump)[0] ?? null;
        $gives = $here->drawn->givesUp($pump);
        $room = $here->tank->display->unfilledLitres();
        foreach ($here->path->itemsOf(Kind::OverflowRim, Kind::OverflowDrilled) as $overflow) {
            if ($here->path->lineOf($overflow->id)?->isTank === true) {
                // The room asked about is that of the display.
                continue;
            }
            $hasEmergency = $here->drawn->hasEmergency($overflow);
            $siphon = $overflow->kind === Kind::OverflowRim;
            if ($gives === null || $room <= 0.0) {
                // A siphon is lost without anything blocking it; an emergency drain is a way out for a drilled one.
                if ($siphon || ! $hasEmergency) {
                    yield $this->unchecked($overflow, $gives);
                }

                continue;
            }
            if ($gives > $room) {
                yield Finding::of(
                    $hasEmergency ? Severity::Caution : Severity::Fault,
                    'flood',
                    'A blocked drain floods',
                    Text::of(
                        'The return can push up {gives}; above the water line of the display {room} fit. '
                            .'{over} would run over the rim.',
                        gives: Quantity::litres($gives),
                        room: Quantity::litres($room),
                        over: Quantity::litres($gives - $room),
                    ),
                )
                    ->at($overflow->id)
                    ->because(
                        $hasEmergency
                            ? 'The emergency drain stands between this and the floor.'
                            : 'There is no second way down.',
                        'Raise the pump in its chamber or make the chamber smaller, lower the water line, or add an '
                            .'emergency drain above it that splashes as an alarm.',
                    );
            } elseif ($siphon) {
                yield Finding::of(
                    Severity::Good,
                    'flood-fits',
                    'A lost siphon does not flood',
                    Text::of(
                        'The return can push up {gives}; above the water line of the display {room} fit.',
                        gives: Quantity::litres($gives),
                        room: Quantity::litres($room),
                    ),
                )->at($overflow->id);
            }
        }
    }

    private function unchecked(Item $overflow, ?float $gives): Finding
    {
        $siphon = $overflow->kind === Kind::OverflowRim;
        $event = Text::of(
            $siphon ? 'If {overflow} loses its prime' : 'If the drain of {overflow} blocks',
            overflow: $overflow->title(),
        );

        return Finding::of(
            Severity::Caution,
            'flood-unchecked',
            $siphon ? 'Siphon without a flood check' : 'One drain without a flood check',
            $gives === null
                ? Text::of(
                    '{event}, the pump empties its chamber into the display. It is not said how much that is.',
                    event: $event,
                )
                : Text::of(
                    '{event}, {gives} go up into the display. It is not said how much room is above its water line.',
                    event: $event,
                    gives: Quantity::litres($gives),
                ),
        )
            ->at($overflow->id)
            ->because(
                $siphon
                    ? 'A rim-hung siphon can lose its prime without anything blocking it.'
                    : 'A snail in the only drain is enough.',
                $gives === null
                    ? 'Draw the sump under Section, or enter the water the return pump can give up before it sucks '
                        .'air; then this is worked out.'
                    : 'Describe the display by its inner size and the gap below the rim, under Water.',
                $siphon
                    ? 'Some keepers do not use rim-hung overflows at all; others do, with this check and a spare tube.'
                    : 'Some keepers do without an emergency drain where a blocked one fits; most who drill make room '
                        .'for one.',
            );
    }
}
