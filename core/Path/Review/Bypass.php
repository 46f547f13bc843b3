<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Flag;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** No way past the filter: spare holes capped, pads cut tight, backs and sides sealed. */
final class Bypass implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $holes = (int) ($item->figure(Figure::SpareHoles) ?? 0.0);
            if ($holes > 0) {
                $roller = $item->kind === Kind::Roller;
                yield Finding::of(
                    $roller ? Severity::Fault : Severity::Caution,
                    'bypass-hole',
                    $roller ? 'The roller never advances' : 'Water takes the open hole',
                    Text::of(
                        '{holes} open beside {item}: the water goes there.',
                        holes: $holes === 1
                            ? 'A spare hole stands'
                            : Text::of('{holes} spare holes stand', holes: $holes),
                        item: $item->title(),
                    ),
                )
                    ->at($item->id)
                    ->because(
                        $roller
                            ? 'A dropped-in roller advances when the level over the tray rises; through an open hole '
                                .'it never does.'
                            : 'Water takes the easiest way.',
                        'Cap every spare hole.',
                    );
            }
            if ($item->is(Flag::Loose)) {
                yield Finding::of(
                    Severity::Caution,
                    'bypass-pad',
                    'Water slips past the pad',
                    Text::of('{item} is cut loose, so part of the water never goes through it.', item: $item->title()),
                )
                    ->at($item->id)
                    ->because('Water takes the easiest way.', 'Cut it a few millimetres too large and press it in.');
            }
            if ($item->is(Flag::OpenSides)) {
                yield Finding::of(
                    Severity::Caution,
                    'bypass-sides',
                    'Water passes by the media',
                    Text::of(
                        'The back or sides of {item} are open, so water passes the shelves by.',
                        item: $item->title(),
                    ),
                )
                    ->at($item->id)
                    ->because(
                        'Water takes the easiest way.',
                        'Seal back and sides, so that all of it runs through every shelf.',
                    );
            }
        }
    }
}
