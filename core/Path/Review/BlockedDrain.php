<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Flag;
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
            $siphon = $overflow->kind === Kind::OverflowRim;
            if ($gives === null || $room <= 0.0) {
                if ($siphon) {
                    yield Finding::of(Severity::Caution, 'flood-unchecked', 'Siphon without a flood check',
                        $gives === null
                            ? Text::of(
                                'If {overflow} loses its prime, the pump empties its chamber into the display. It is '
                                    .'not said how much that is.',
                                overflow: $overflow->title(),
                            )
                            : Text::of(
                                'If {overflow} loses its prime, {gives} go up into the display. It is not said how '
                                    .'much room is above its water line.',
                                overflow: $overflow->title(),
                                gives: Quantity::litres($gives),
                            ),
                    )
                        ->at($overflow->id)
                        ->because(
                            'A rim-hung siphon can lose its prime without anything blocking it.',
                            $gives === null
                                ? 'Enter the water the return pump can give up before it sucks air; then this is '
                                    .'worked out.'
                                : 'Describe the display by its inner size and the gap below the rim, under Water.',
                            'Some keepers do not use rim-hung overflows at all; others do, with this check and a '
                                .'spare tube.',
                        );
                }

                continue;
            }
            if ($gives > $room) {
                yield Finding::of(
                    $overflow->is(Flag::Emergency) ? Severity::Caution : Severity::Fault,
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
                        $overflow->is(Flag::Emergency)
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
}
