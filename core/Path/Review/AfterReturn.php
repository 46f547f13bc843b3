<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Nothing that stands in a chamber comes after the return pump. */
final class AfterReturn implements Rule
{
    public function judge(Situation $here): iterable
    {
        $pump = $here->path->itemsOf(Kind::ReturnPump)[0] ?? null;
        foreach ($here->path->beyondReturn() as $item) {
            yield Finding::of(
                Severity::Caution,
                'after-return',
                'It stands after the return pump',
                Text::of(
                    '{item} comes after {pump}: from there a pipe leads back to the tank.',
                    item: $item->title(),
                    pump: $pump?->title() ?? '',
                ),
            )
                ->at($item->id)
                ->because(
                    'In a pipe under pressure only what is closed works: a reactor, a chiller, a UV clarifier.',
                    'Set it before the return pump.',
                );
        }
    }
}
