<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What the return can push up while the drain is blocked fits in the display. */
final class BlockedDrain implements Rule
{
    public function judge(Situation $here): iterable
    {
        $room = $here->displayRoomLitres;
        $gives = Quantity::litres($here->givesUpLitres());
        if ($room === null || $room <= 0.0) {
            yield Finding::of(
                Severity::Caution,
                'blocked-drain-unknown',
                'A blocked drain is not reckoned yet',
                Text::of(
                    'The return can push up {gives}. It is not said how much room is above the water line of the '
                        .'display.',
                    gives: $gives,
                ),
            )->because(
                'A blocked drain or a lost siphon pumps the return chamber into the display.',
                'Describe the display by its inner size and the gap below the rim, under Path, Water.',
            );

            return;
        }
        $figures = Text::of(
            'The return can push up {gives}; above the water line of the display {room} fit.',
            gives: $gives,
            room: Quantity::litres($room),
        );
        yield $here->givesUpLitres() > $room
            ? Finding::of(Severity::Fault, 'blocked-drain-flood', 'A blocked drain floods', $figures)->because(
                'A blocked drain or a lost siphon pumps the return chamber into the display.',
                'Raise the pump, run the return chamber lower or make it smaller, or add an emergency drain that '
                    .'splashes as an alarm.',
            )
            : Finding::of(Severity::Good, 'blocked-drain-fits', 'A blocked drain fits', $figures);
    }
}
