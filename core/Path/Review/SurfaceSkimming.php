<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Something draws the surface, where the film gathers. */
final class SurfaceSkimming implements Rule
{
    public function judge(Situation $here): iterable
    {
        $inlets = array_values(
            array_filter(
                $here->path->items(),
                static fn (Item $item): bool => $item->kind->isInlet() && $item->kind !== Kind::Drain,
            ),
        );
        $draws = static fn (Item $item): bool => $item->is(Flag::Surface)
            || in_array($item->kind, [Kind::OverflowDrilled, Kind::OverflowRim, Kind::Weir], true);
        if ($inlets !== [] && Situation::first($inlets, $draws) === null) {
            yield Finding::of(
                Severity::Caution,
                'no-surface',
                'Nothing draws the surface',
                Text::of('{inlets} draws from mid-water only.', inlets: $inlets[0]->title()),
            )
                ->at($inlets[0]->id)
                ->because(
                    'A film on the surface dims the light and keeps oxygen out; in a long tank it gathers at the far '
                        .'end.',
                    'Add a surface skimmer to the intake, or a second intake at the surface.',
                );
        }
    }
}
