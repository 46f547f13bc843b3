<?php

declare(strict_types=1);

namespace Ithys\Journal\FirstHour;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "first hour levels ok noise ok trickle bad valve 2.5 turns open". */
final class FirstHourRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->takePair('first', 'hour')) {
            return false;
        }
        $seen = [];
        while (($check = Check::tryFrom($tokens->peek()->word ?? '')) !== null) {
            $tokens->position++;
            $seen[$check->value] = match (true) {
                $tokens->take('ok', 'good', 'fine') => true,
                $tokens->take('bad', 'wrong', 'not') => false,
                default => throw InvalidEntry::noFigure($check->value, 'ok, or bad'),
            };
        }
        $valve = $tokens->take('valve') ? $tokens->rest() : null;
        $draft->add(FirstHour::of($seen, $valve === '' ? null : $valve), $start);

        return true;
    }

    public function words(): array
    {
        return ['first hour'];
    }
}
