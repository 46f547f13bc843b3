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
        $isOfDisplay = ! in_array($tokens->peek()?->word, ['refugium', 'photoperiod'], true);
        $tokens->takePhrase(['display', 'light']) || $tokens->takePhrase(['display', 'lights'])
            || $tokens->take('refugium', 'photoperiod', 'light', 'lights');
        if ($tokens->position === $start) {
            return false;
        }
        $tokens->take('light');
        $tokens->take('hours', 'is', 'now', 'to', 'for', 'at');
        if ($isOfDisplay && in_array($tokens->peek()?->word, ['on', 'off'], true)) {
            $tokens->position = $start;

            return false;
        }
        $hours = $tokens->take('off') ? 0.0 : $tokens->hours() ?? $tokens->amount()?->number;
        if ($hours === null) {
            throw InvalidEntry::noFigure('refugium', '8 h');
        }
        $tokens->takePhrase(['a', 'day']) || $tokens->takePhrase(['per', 'day']);
        [$days, $dim] = [7.0, 1.0];
        if ($tokens->takePhrase(['every', 'other', 'day']) || $tokens->takePhrase(['alternate', 'days'])) {
            $days = 3.5;
        } elseif (in_array($tokens->peek(1)?->word, ['day', 'days'], true)) {
            $days = $tokens->days() ?? $days;
            $tokens->takePhrase(['a', 'week']) || $tokens->takePhrase(['per', 'week']);
        }
        if ($tokens->take('at', 'dimmed')) {
            $tokens->take('to');
            $dim = $tokens->percent() ?? throw InvalidEntry::noFigure('refugium 8 h at', '50 %');
        }
        $draft->add(Photoperiod::of($hours, $isOfDisplay, $days, $dim), $start);

        return true;
    }

    public function words(): array
    {
        return ['refugium', 'photoperiod'];
    }
}
