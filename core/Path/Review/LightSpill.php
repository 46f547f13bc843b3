<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Algae light stays off the roller, the reservoir and clear media chambers. */
final class LightSpill implements Rule
{
    public function judge(Situation $here): iterable
    {
        $lit = Situation::first(
            $here->path->items(),
            static fn (Item $item): bool => $item->kind->isAlgae() && ! $item->is(Flag::Shielded),
        );
        $beside = array_map(
            static fn (Item $item): string => $item->title(),
            $here->path->itemsOf(Kind::Roller, Kind::TopOff),
        );
        if ($lit !== null && $beside !== []) {
            yield Finding::of(
                Severity::Caution,
                'light-spill',
                'Algae light may spill',
                Text::of(
                    'Nothing is said to keep the light of {lit} off {beside}.',
                    lit: $lit->title(),
                    beside: implode(' and ', $beside),
                ),
            )
                ->at($lit->id)
                ->because(
                    'Lit fleece and a lit reservoir grow algae of their own.',
                    Text::of(
                        'Set a blackout panel of black acrylic, {thick} thick, then tick that its light is kept off.',
                        thick: $here->assumptions->of(Assumed::Blackout)->quantity(),
                    ),
                );
        }
    }
}
