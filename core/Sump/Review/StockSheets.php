<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\StockPlan;

/** No piece is larger than the sheet it is cut from. */
final class StockSheets implements Rule
{
    public function judge(Situation $here): iterable
    {
        $sheet = CutSheet::of($here->section, $here->workshop);
        foreach (StockPlan::of($sheet, $here->workshop, $here->assumptions)->uses as $use) {
            foreach ($use->tooLarge as $panel) {
                yield Finding::of(
                    Severity::Caution,
                    'stock-small',
                    'A piece is larger than its sheet',
                    Text::of(
                        '{piece} is {size}; the sheet {length} by {width}.',
                        piece: $panel->label,
                        size: $panel->size(),
                        length: Quantity::mm($use->stock->lengthMm),
                        width: Quantity::mm($use->stock->widthMm),
                    ),
                )
                    ->at($panel->id)
                    ->because('It cannot be cut from it in one piece.', 'Take a larger sheet, or have it cut to size.');
            }
        }
    }
}
