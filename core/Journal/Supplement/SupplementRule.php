<?php

declare(strict_types=1);

namespace Ithys\Journal\Supplement;

use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\MediaRule;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "dosed calcium 30 ml", "dosed 5 ml trace elements", "dosed vinegar 10 ml". */
final class SupplementRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('dosed', 'dose', 'dosing')) {
            return false;
        }
        for ($ahead = 0; $ahead < 4; $ahead++) {
            $word = $tokens->peek($ahead)->word ?? '';
            if ($word === 'lanthanum' || CarbonSource::named($word) !== null || self::isMedium($tokens, $ahead)) {
                return true;
            }
        }
        $amount = $tokens->amount(Dimension::Volume, Dimension::Mass);
        $tokens->take('of');
        $name = $tokens->name();
        $amount ??= $tokens->amount(Dimension::Volume, Dimension::Mass)
            ?? throw InvalidEntry::noFigure('dosed calcium', '30 ml');
        if ($name === '') {
            throw InvalidEntry::noFigure('dosed calcium', '30 ml');
        }
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("dosed {$name} {$amount->written}", ['ml', 'g']);
        $draft->add(Supplement::of($name, $amount->base($unit), $unit->dimension()), $start);

        return true;
    }

    public function words(): array
    {
        return ['dosed'];
    }

    /** Whether the name of a medium begins so many words ahead: the word before it says no more. */
    private static function isMedium(Tokens $tokens, int $ahead): bool
    {
        $start = $tokens->position;
        $tokens->position += $ahead;
        $isMedium = MediaRule::medium($tokens) !== null;
        $tokens->position = $start;

        return $isMedium;
    }
}
