<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Severity;

/** A part that looks spare may carry the water. */
final class FlowPathRemoved implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->removed as $item) {
            if ($item->is(Flag::CarriesFlow)) {
                $where
                    = $item->keptWhere === ''
                        ? 'It is not noted where it is kept.'
                        : "It is kept here: {$item->keptWhere}.";
                yield Finding::of(
                    Severity::Fault,
                    'flow-part-removed',
                    'A part the water ran through is gone',
                    "{$item->title()} carried the water path and has been taken out. {$where}",
                )
                    ->at($item->id)
                    ->because(
                        'Without it the water takes a short cut past the media, or does not move at all.',
                        "Put {$item->title()} back, empty if need be, or set a part in its place.",
                    );
            }
        }
    }
}
