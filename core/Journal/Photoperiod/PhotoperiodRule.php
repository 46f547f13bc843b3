<?php

declare(strict_types=1);

namespace Ithys\Journal\Photoperiod;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "refugium 8 h", "photoperiod 8h". */
final class PhotoperiodRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('refugium', 'photoperiod')) {
            return false;
        }
        $tokens->take('light');
        if (preg_match('~^([\d.,]+)(?:h|hours)$~', $tokens->peek()->word ?? '', $joined) === 1) {
            $amount = Tokens::of($joined[1], null)->amount();
            $tokens->position++;
        } else {
            $amount = $tokens->amount();
            $tokens->take('h', 'hour', 'hours', 'h/day');
        }
        $draft->add(Photoperiod::of(($amount ?? throw InvalidEntry::noFigure('refugium', '8 h'))->number), $start);

        return true;
    }

    public function words(): array
    {
        return ['refugium', 'photoperiod'];
    }
}
