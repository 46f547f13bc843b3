<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What sheds dust does not come last without a catch. */
final class CatchAfterDust implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            if (
                $item->isDusty()
                && Situation::first(
                    $here->course->after($item),
                    static fn (Item $next): bool => $next->kind->isMechanical(),
                ) === null
            ) {
                yield Finding::of(
                    Severity::Caution,
                    'no-catch-after-dust',
                    'Nothing catches the dust',
                    Text::of(
                        'After {item} nothing holds back the dust of carbon and GFO before the water is in the tank '
                            .'again.',
                        item: $item->title(),
                    ),
                )
                    ->at($item->id)
                    ->because(
                        'Black or rust dust settles on sand and coral; rinsing helps, rubbing makes more.',
                        'Set a fine pad or sponge after it, or give its water back before the mechanical stage.',
                    );
            }
        }
    }
}
