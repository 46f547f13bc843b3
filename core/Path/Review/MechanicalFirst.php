<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Quantity\Text;
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
                Text::of('The water meets {item} before anything has caught its solids.', item: $item->title()))
                ->at($item->id)
                ->because(
                    'Detritus settles in the media, rots there and blocks its pores.',
                    Text::of(
                        'Set {anywhere}, or another sock, pad or floss, before {item}.',
                        anywhere: $anywhere->title(),
                        item: $item->title(),
                    ),
                );
        }
    }
}
