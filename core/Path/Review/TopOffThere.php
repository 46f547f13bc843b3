<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Only the chamber of the return pump falls as water evaporates. */
final class TopOffThere implements Rule
{
    public function judge(Situation $here): iterable
    {
        $pump = $here->path->itemsOf(Kind::ReturnPump)[0] ?? null;
        if ($pump !== null && $here->path->style->hasOpenChambers() && ! $here->has(Kind::TopOff)) {
            yield Finding::of(
                Severity::Remark,
                'no-top-off',
                'Topped up by hand',
                Text::of('All evaporation shows in the chamber of {pump}, and it is small.', pump: $pump->title()),
            )
                ->at($pump->id)
                ->because(
                    'Bubbles from the return nozzle mean the top-up failed: act at once.',
                    'Add a top-off, or mark the line and look every day.',
                );
        }
    }
}
