<?php

declare(strict_types=1);

namespace Ithys\Journal\Stock;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "stock 250 g", "stock 250 g growing 1 % a week", "visitors 40 g for 2 weeks". */
final class StockRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $areVisitors = $tokens->take('visitors', 'visitor');
        if (! $areVisitors && ! $tokens->takePhrase(['fish', 'stock']) && ! $tokens->take('stock')) {
            return false;
        }
        $tokens->take('weighs', 'weigh', 'is', 'now', 'of');
        $said = $areVisitors ? 'visitors' : 'stock';
        $amount = $tokens->amount(Dimension::Mass) ?? throw InvalidEntry::noFigure($said, '250 g');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("{$said} {$amount->written}", ['g', 'oz']);
        if ($areVisitors) {
            $tokens->take('for', 'stay', 'staying');
            $days = $tokens->days() ?? throw InvalidEntry::noFigure('visitors 40 g for', '14 days');
            $draft->add(Stock::visiting($amount->base($unit), $days), $start);

            return true;
        }
        $growth = 0.0;
        if ($tokens->take('growing', 'grows', 'growth')) {
            $growth = $tokens->percent() ?? throw InvalidEntry::noFigure('growing', '1 %');
            $tokens->takePhrase(['a', 'week']) || $tokens->takePhrase(['per', 'week']) || $tokens->take('weekly');
        }
        $draft->add(Stock::living($amount->base($unit), $growth), $start);

        return true;
    }

    public function words(): array
    {
        return ['stock', 'visitors'];
    }
}
