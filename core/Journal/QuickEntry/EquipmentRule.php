<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Photoperiod;
use Ithys\Journal\SkimmerSwitch;

/** "skimmer off", "refugium 8 h". */
final class EquipmentRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if ($tokens->take('skimmer')) {
            $on = $tokens->take('on');
            if (! $on && ! $tokens->take('off')) {
                throw InvalidEntry::onOrOff();
            }
            $draft->add(new SkimmerSwitch($on), $start);

            return true;
        }
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
        return ['skimmer', 'refugium', 'photoperiod'];
    }
}
