<?php

declare(strict_types=1);

namespace Ithys\Journal\FeedPlan;

use Ithys\Journal\Feed\FeedRule;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "feeding plan 6 g pellet a day", "feed plan 2 cubes daily", "feeding plan off". */
final class FeedPlanRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->takePair('feeding', 'plan') && ! $tokens->takePair('feed', 'plan')) {
            return false;
        }
        if ($tokens->take('off', 'none')) {
            $draft->add(FeedPlan::of(null), $start);

            return true;
        }
        $portion = (new FeedRule)->portion($tokens, null, $context)
            ?? throw InvalidEntry::noFigure('feeding plan', '6 g pellet');
        $tokens->takePhrase(['a', 'day']) || $tokens->takePhrase(['per', 'day']) || $tokens->take('daily');
        $grows = $tokens->takePhrase(['growing', 'with', 'stock']) || $tokens->takePhrase(['with', 'stock'])
            || $tokens->takePhrase(['growing', 'with', 'the', 'stock']);
        $draft->add(FeedPlan::of($portion, $grows), $start);

        return true;
    }

    public function words(): array
    {
        return ['feeding plan'];
    }
}
