<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A part that looks spare may carry the water. */
final class FlowPathRemoved implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->removed as $item) {
            if ($item->is(Flag::CarriesFlow)) {
                $where
                    = $item->words->keptWhere === ''
                        ? 'It is not noted where it is kept.'
                        : Text::of('It is kept here: {place}.', place: $item->words->keptWhere);
                yield Finding::of(
                    Severity::Fault,
                    'flow-part-removed',
                    'A part the water ran through is gone',
                    Text::of(
                        '{item} carried the water path and has been taken out. {where}',
                        item: $item->title(),
                        where: $where,
                    ),
                )
                    ->at($item->id)
                    ->because(
                        'Without it the water takes a short cut past the media, or does not move at all.',
                        Text::of(
                            'Put {item} back, empty if need be, or set a part in its place.',
                            item: $item->title(),
                        ),
                    );
            }
        }
    }
}
