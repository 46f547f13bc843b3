<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** An emergency pipe is there and carries all of the return alone. */
final class EmergencyCarries extends PinnedRule
{
    protected function pin(): string
    {
        return '#emergency';
    }

    protected function findings(Situation $here): iterable
    {
        $carries = $here->plumbing->emergency->carries($here->assumptions, $here->viscosity);
        if ($carries === null && $here->plumbing->emergency->isThere()) {
            yield PipeUnknown::finding('emergency-unknown', 'emergency pipe');

            return;
        }
        if ($carries === null) {
            if ($here->plumbing->drain->boreMm !== null) {
                yield Finding::of(
                    Severity::Caution,
                    'no-emergency',
                    'No emergency pipe',
                    'One drain is all the way down there is; a snail in it is enough.',
                )->because(
                    'When the drain blocks, the display fills by what the return chamber can give up.',
                    $here->displayRoomLitres !== null && $here->givesUpLitres() + $here->topOffLitres()
                        <= $here->displayRoomLitres
                        ? 'A blocked drain fits in the display as drawn; an emergency pipe that carries all of the '
                            .'return alone also keeps it from standing there.'
                        : 'Add an emergency pipe that carries all of the return alone, or make room in the display '
                            .'for a blocked drain.',
                    'Some keepers do without where a blocked drain fits; most who drill make room for one.',
                );
            }

            return;
        }
        if ($here->litresPerHour <= 0.0) {
            return;
        }
        $figures = Text::of(
            'Running full it carries {carries}; the return gives {flow}.',
            carries: Quantity::perHour($carries),
            flow: Quantity::perHour($here->litresPerHour),
        );
        yield $carries < $here->litresPerHour
            ? Finding::of(
                Severity::Fault,
                'emergency-small',
                'The emergency pipe cannot carry the return alone',
                $figures,
            )->because(
                'It works when the drain does not, so it has to take all of it.',
                'Take a wider pipe or fewer elbows, or throttle the return.',
            )
            : Finding::of(
                Severity::Good,
                'emergency-fits',
                'The emergency pipe carries the return alone',
                $figures,
            )->because(
                'Set its mouth above the running water line and let it end above the water of the sump: it then '
                    .'splashes, as an alarm.',
            );
    }
}
