<?php

declare(strict_types=1);

namespace Ithys\Journal\Fleece;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "fleece 14 m left", "roller 14 m left", "fleece 250 mm a day". */
final class FleeceRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        // "Roller advanced" and "fleece changed" are care.
        if (! $tokens->take('fleece', 'roller', 'roll') || $tokens->amountWords() === 0) {
            $tokens->position = $start;

            return false;
        }
        $amount = $tokens->amount(Dimension::Length) ?? throw InvalidEntry::noFigure('fleece', '14 m left');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("fleece {$amount->written}", ['m', 'cm', 'ft']);
        $isAdvance = $tokens->takePhrase(['a', 'day']) || $tokens->takePhrase(['per', 'day']) || $tokens->take('daily');
        $tokens->take('left', 'remaining');
        $draft->add(
            $isAdvance ? Fleece::advancing($amount->base($unit)) : Fleece::left($amount->base($unit)),
            $start,
        );

        return true;
    }

    public function words(): array
    {
        return ['fleece'];
    }
}
