<?php

declare(strict_types=1);

namespace Ithys\Journal\Skimmer;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "skimmer off". */
final class SkimmerRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('skimmer')) {
            return false;
        }
        $on = $tokens->take('on');
        if (! $on && ! $tokens->take('off')) {
            throw InvalidEntry::onOrOff();
        }
        $draft->add(new SkimmerSwitch($on), $start);

        return true;
    }

    public function words(): array
    {
        return ['skimmer'];
    }
}
