<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Style;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Bubbles rise out in a trap or a calm section before the return pump. */
final class CalmBeforeReturn implements Rule
{
    public function judge(Situation $here): iterable
    {
        $pump = $here->path->itemsOf(Kind::ReturnPump)[0] ?? null;
        if ($pump === null || ! $here->path->style->hasOpenChambers()) {
            return;
        }
        foreach ($here->course->before($pump) as $item) {
            if (in_array($item->kind, [Kind::BubbleTrap, Kind::CalmSection, Kind::Refugium], true)) {
                return;
            }
            if ($item->kind === Kind::Skimmer || ($here->path->style === Style::Sump && self::splashes($item))) {
                yield Finding::of(Severity::Caution, 'bubbles-to-return', 'No calm section before the return',
                    Text::of('Bubbles from {item} go on to {pump}.', item: $item->title(), pump: $pump->title()))
                    ->at($pump->id)
                    ->because(
                        'Fine bubbles in the display look like dust, and salt creeps where they burst.',
                        'Set a bubble trap or a calm section before the return pump.',
                    );

                return;
            }
            if ($here->path->style === Style::RearChamber && ! $item->kind->isService()) {
                return; // Another chamber between skimmer and pump is calm enough here.
            }
        }
    }

    private static function splashes(Item $item): bool
    {
        return $item->kind->isInlet() || in_array($item->kind, [Kind::Sock, Kind::Roller, Kind::Scrubber], true);
    }
}
