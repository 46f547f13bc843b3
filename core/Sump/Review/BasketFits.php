<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A media basket slides in, holds media and lets no water by. */
final class BasketFits implements Rule
{
    public function judge(Situation $here): iterable
    {
        $basket = $here->workshop->basket;
        if ($basket === null) {
            return;
        }
        $most = $here->assumptions->of(Assumed::BasketBypass);
        $least = $here->assumptions->of(Assumed::BasketJam);
        $shelf = $here->assumptions->of(Assumed::BasketShelf);
        $gap = Text::of('{gap} are left on each side.', gap: Quantity::mm($basket->clearanceMm));
        $panels = $basket->panels($here->assumptions);
        if ($panels === []) {
            yield Finding::of(
                Severity::Fault,
                'basket-nothing',
                'Nothing is left of the media basket',
                Text::of(
                    'A cavity of {length} by {width} less the gaps and sheets leaves no room.',
                    length: Quantity::mm($basket->lengthMm),
                    width: Quantity::mm($basket->widthMm),
                ),
            )->because(
                'Sheet and gap come off on each side, the inlet and the ledges off the height.',
                'Take thinner sheet, a smaller gap or fewer shelves.',
            );
        }
        // Where it stands in its chamber, what passes beside it is reckoned.
        $isReckoned = $here->section->front !== null && $basket->use !== null;
        if (! $isReckoned && $basket->clearanceMm > $most->value) {
            yield Finding::of(
                Severity::Caution,
                'basket-bypass',
                'Water passes beside the media basket',
                $gap,
                $most,
            )->because(
                'Water takes the easy way and not the one through the media.',
                Text::of('Leave {most} at the most.', most: $most->quantity()),
            );
        }
        if ($basket->clearanceMm < $least->value) {
            yield Finding::of(Severity::Caution, 'basket-jams', 'The media basket will jam', $gap, $least)->because(
                'Rear chambers are seldom square, and it has to come out with wet hands.',
                Text::of('Leave {least} to {most} on each side.', least: Quantity::mm(1), most: Quantity::mm(2)),
            );
        }
        if ($panels !== [] && $basket->shelfMm($here->assumptions) < $shelf->value) {
            yield Finding::of(
                Severity::Remark,
                'basket-low',
                'The shelves are low',
                Text::of(
                    'Each has {height} of clear height.',
                    height: Quantity::mm($basket->shelfMm($here->assumptions)),
                ),
                $shelf,
            )->because('A pad or a bag of media wants more.', 'Take fewer shelves.');
        }
    }
}
