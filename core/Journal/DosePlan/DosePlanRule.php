<?php

declare(strict_types=1);

namespace Ithys\Journal\DosePlan;

use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "dose plan vinegar 12 ml a day", "dosing plan vodka 2 ml a day 3 days a week of 96 %", "dose plan vinegar off". */
final class DosePlanRule implements Rule
{
    private const EXAMPLE = 'dose plan vinegar';

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->takePair('dose', 'plan') && ! $tokens->takePair('dosing', 'plan')) {
            return false;
        }
        $source = CarbonSource::named($tokens->peek()->word ?? '')
            ?? throw InvalidEntry::noFigure(self::EXAMPLE, '12 ml a day');
        $tokens->position++;
        if ($tokens->take('off', 'none', 'stopped')) {
            $draft->add(DosePlan::of($source, 0.0), $start);

            return true;
        }
        $amount = $tokens->amount(Dimension::Volume) ?? throw InvalidEntry::noFigure(self::EXAMPLE, '12 ml a day');
        $days = $strength = null;
        // In any order, as they come to mind.
        for ($said = true; $said;) {
            $said = $tokens->takePhrase(['a', 'day']) || $tokens->takePhrase(['per', 'day']) || $tokens->take('daily');
            $tokens->take('on', 'of', 'at');
            if ($days === null && in_array($tokens->peek(1)->word ?? '', ['day', 'days'], true)
                && ($tokens->peek(3)->word ?? '') === 'week') {
                [$days, $said] = [$tokens->days(), true];
                $tokens->position += 2;
            } elseif ($strength === null && ($share = $tokens->percent()) !== null) {
                [$strength, $said] = [$share, true];
            }
        }
        $draft->add(
            DosePlan::of($source, $amount->base(Unit::Millilitre) * 1000, $days ?? 7.0, $strength),
            $start,
        );

        return true;
    }

    public function words(): array
    {
        return ['dose plan'];
    }
}
