<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\History\Charge;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Path\Figure;
use Ithys\Path\Review\MixedLives;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Whether a charge has room in its vessel, and what else is in there. */
final class MediumFits implements GuardRule
{
    public function doubts(Payload $dose, DoseContext $here): array
    {
        $item = $dose instanceof MediaCharge && $dose->item !== null ? $here->setup->path?->find($dose->item) : null;
        if (! $dose instanceof MediaCharge || $item === null) {
            return [];
        }
        $doubts = [];
        $room = $item->figure(Figure::Capacity);
        $needs = $dose->litres ?? $here->grams($dose) / $here->density($dose->medium) / 1000;
        $there = array_filter(
            $here->charges(),
            static fn (Charge $one): bool => $one->vessel() === $item->id
                && ($one->medium() !== $dose->medium || $dose->isTopUp),
        );
        foreach ($there as $one) {
            $needs += $one->filling->litres
                ?? $one->grams($here->assumptions) / $here->density($one->medium()) / 1000;
            if (MixedLives::life($one->medium()) !== MixedLives::life($dose->medium)) {
                $doubts[] = Doubt::ask('medium-company', Text::of(
                    '{vessel} holds {other}, which lasts {its}; {medium} lasts {own}. Together they can only be '
                        .'changed together. Give it a vessel of its own, or log what came out.',
                    vessel: $item->title(),
                    other: $one->filling->summary(),
                    its: MixedLives::life($one->medium()),
                    medium: $dose->medium->label(),
                    own: MixedLives::life($dose->medium),
                ));
            }
        }
        if ($room !== null && $needs > $room) {
            $doubts[] = Doubt::refuse('medium-room', Text::of(
                'It does not fit: {vessel} holds {room}, and this needs {needs}.',
                vessel: $item->title(),
                room: Quantity::litres($room),
                needs: Quantity::litres($needs),
            ));
        }

        return $doubts;
    }
}
