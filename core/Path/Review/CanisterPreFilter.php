<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Style;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A canister works on a reef with an easy pre-filter before it. */
final class CanisterPreFilter implements Rule
{
    public function judge(Situation $here): iterable
    {
        $first = Situation::first(
            $here->path->main()->items,
            static fn (Item $item): bool => $item->kind === Kind::CanisterBasket
                || $item->isBiologicalOrChemical()
                || $item->kind === Kind::ReturnPump,
        );
        if ($here->path->style !== Style::Canister || $first === null) {
            return;
        }
        if (
            Situation::first(
                $here->course->before($first),
                static fn (Item $item): bool => in_array($item->kind, [Kind::PreFilter, Kind::Sponge], true),
            ) === null
        ) {
            yield Finding::of(
                Severity::Caution,
                'no-pre-filter',
                'Canister without a pre-filter',
                Text::of('Nothing easily reached catches solids before {first}.', first: $first->title()),
            )
                ->at($first->id)
                ->because(
                    'Solids end in a sealed vessel that is opened once a month, and rot there into nitrate.',
                    'Set a pre-filter on the intake and clean it every 3 to 4 days.',
                    'A canister on a reef is accepted by some keepers only with such a pre-filter and enough flow; '
                        .'others want a sump.',
                );
        }
    }
}
