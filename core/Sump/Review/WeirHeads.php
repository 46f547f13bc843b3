<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Flow\Weir;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** How high the water stands over the baffles it runs over. */
final class WeirHeads implements Rule
{
    public function judge(Situation $here): iterable
    {
        if ($here->litresPerHour <= 0.0) {
            return;
        }
        foreach ($here->section->inside->baffles as $i => $baffle) {
            if ($baffle->hangs()) {
                continue;
            }
            [$before, $behind] = [$here->running->levelsMm[$i], $here->running->levelsMm[$i + 1]];
            $head = $before - $baffle->topMm;
            yield $behind > $baffle->topMm
                ? Finding::of(
                    Severity::Remark,
                    'weir-drowned',
                    'This baffle is drowned',
                    Text::of(
                        'Behind it the water stands {over} over its top.',
                        over: Quantity::mm($behind - $baffle->topMm),
                    ),
                )
                    ->at($baffle->id)
                    ->because('It no longer holds the level before it; the chamber behind does.')
                : Finding::of(
                    Severity::Remark,
                    'weir-head',
                    Text::of('Water stands {head} over this baffle', head: Quantity::mm($head)),
                    $head < Weir::PROVEN_HEAD
                        ? Text::of(
                            'Approximate: the weir formula is proven for heads of {proven} and more. In use {least} '
                                .'to {most} are common.',
                            proven: Quantity::mm(Weir::PROVEN_HEAD),
                            least: Quantity::mm(6.35),
                            most: Quantity::mm(12.7),
                        )
                        : 'By the weir formula.',
                )->at($baffle->id);
        }
    }
}
