<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Severity;

/** Solids are caught before the water meets biological and chemical media. */
final class MechanicalFirst implements Rule
{
    public function judge(Situation $here): iterable
    {
        $mechanical = static fn (Item $item): bool => $item->kind->isMechanical();
        $anywhere = Situation::first($here->path->items(), $mechanical);
        foreach ($here->path->items() as $item) {
            if (
                $anywhere === null
                || ! $item->isBiologicalOrChemical()
                || Situation::first($here->course->before($item), $mechanical) !== null
            ) {
                continue;
            }
            yield Finding::of(Severity::Caution, 'media-before-mechanical', 'Media before the mechanical stage',
                "The water meets {$item->title()} before anything has caught its solids.")
                ->at($item->id)
                ->because(
                    'Detritus settles in the media, rots there and blocks its pores.',
                    "Set {$anywhere->title()}, or another sock, pad or floss, before {$item->title()}.",
                );
        }
    }
}
