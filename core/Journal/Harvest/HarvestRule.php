<?php

declare(strict_types=1);

namespace Ithys\Journal\Harvest;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "harvested 200 g", "algae harvest 200 g", "refugium harvest 7 oz". */
final class HarvestRule implements Rule
{
    private const DONE = ['harvest', 'harvested', 'trimmed', 'pruned'];

    private const WHAT = ['algae', 'macroalgae', 'macro', 'chaeto', 'caulerpa', 'refugium', 'scrubber'];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (in_array($tokens->peek()?->word, self::WHAT, true) && in_array($tokens->peek(1)?->word, self::DONE, true)) {
            $tokens->position++;
        }
        if (! $tokens->take(...self::DONE)) {
            return false;
        }
        $tokens->take(...self::WHAT);
        $amount = $tokens->amount(Dimension::Mass) ?? throw InvalidEntry::noFigure('harvested', '200 g');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("harvested {$amount->written}", ['g', 'oz']);
        // What is weighed is wet, as it comes out.
        $tokens->take('wet');
        $tokens->take('of');
        $tokens->take(...self::WHAT);
        $draft->add(Harvest::of($amount->base($unit)), $start);

        return true;
    }

    public function words(): array
    {
        return ['harvested', 'harvest'];
    }
}
