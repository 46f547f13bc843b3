<?php

declare(strict_types=1);

namespace Ithys\Journal\Skimmer;

use Ithys\Journal\Care\Deed;
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
        $on = null;
        if ($tokens->take('turned', 'switched')) {
            $on = $this->state($tokens);
            $tokens->take('the');
        }
        // The cup of a skimmer is looked after, the skimmer is switched.
        $next = $tokens->peek(1)->word ?? '';
        if (in_array($next, ['cup', 'neck'], true) || Deed::of($next) !== null || ! $tokens->take('skimmer')) {
            $tokens->position = $start;

            return false;
        }
        $tokens->take('is', 'was', 'turned', 'switched');
        $tokens->take('back');
        $on ??= $this->state($tokens) ?? throw InvalidEntry::onOrOff();
        $offHours = 0.0;
        if ($on && $tokens->take('off')) {
            $offHours = $tokens->hours() ?? throw InvalidEntry::noFigure('skimmer on off', '1 h a day');
            $tokens->takePhrase(['a', 'day']) || $tokens->takePhrase(['per', 'day']);
        }
        $draft->add(SkimmerSwitch::of($on, $offHours), $start);

        return true;
    }

    private function state(Tokens $tokens): ?bool
    {
        return $tokens->take('on') ? true : ($tokens->take('off') ? false : null);
    }

    public function words(): array
    {
        return ['skimmer'];
    }
}
