<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Media\Medium;
use Ithys\Path\Kind;
use Ithys\Path\Load;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Media of different lives in one bag are changed too soon or too late. */
final class MixedLives implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $lives = [];
            foreach ($item->media as $load) {
                $lives[self::life($load->medium)] = true;
            }
            if (count($lives) < 2 || ! in_array($item->kind, [Kind::Bag, Kind::Reactor], true)) {
                continue;
            }
            $what = implode(
                ', ',
                array_map(
                    static fn (Load $load): string => $load->medium->label().' ('.self::life($load->medium).')',
                    $item->media,
                ),
            );
            yield Finding::of(
                Severity::Caution,
                'lives-mixed',
                'Media of different lives together',
                Text::of('{item} holds {what}.', item: $item->title(), what: $what),
            )
                ->at($item->id)
                ->because(
                    'Mixed, they can only be changed together: one too soon or the other too late.',
                    'Give each a bag or reactor of its own.',
                );
        }
    }

    /** Common practice: carbon and zeolite weeks, GFO and resin one to three months, alumina about half a year. */
    public static function life(Medium $medium): string
    {
        return $medium->definition()->lasts;
    }
}
