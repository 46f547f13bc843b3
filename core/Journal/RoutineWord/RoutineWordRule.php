<?php

declare(strict_types=1);

namespace Ithys\Journal\RoutineWord;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "feeding as before", "water changes stopped", "vinegar as before". */
final class RoutineWordRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        foreach (Repeated::cases() as $of) {
            foreach ($of->phrases() as $phrase) {
                if (! $tokens->takePhrase($phrase)) {
                    continue;
                }
                if ($tokens->takePhrase(['as', 'before']) || $tokens->takePhrase(['still', 'the', 'same'])) {
                    $draft->add(RoutineWord::goesOn($of), $start);

                    return true;
                }
                // A stop of organic carbon is a dose of nothing.
                if ($of->source() === null && $tokens->take('stopped')) {
                    $draft->add(RoutineWord::stopped($of), $start);

                    return true;
                }
                $tokens->position = $start;
            }
        }

        return false;
    }

    public function words(): array
    {
        return ['as before'];
    }
}
