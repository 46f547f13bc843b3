<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "vinegar 10 ml", "spirit 2 ml", "spirit stopped". */
final class CarbonDoseRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $source = CarbonSource::named($tokens->peek()->word ?? '');
        if ($source === null) {
            return false;
        }
        $start = $tokens->position++;
        $tokens->take('dosing', 'dose');
        if ($tokens->take('stopped', 'stop', 'ended')) {
            $draft->add(CarbonDose::of($source, 0.0), $start);

            return true;
        }
        $amount = $tokens->amount(Dimension::Volume) ?? throw InvalidEntry::noFigure($source->value, '10 ml');
        $draft->add(CarbonDose::of($source, $amount->base(Unit::Millilitre) * 1000), $start);

        return true;
    }

    public function words(): array
    {
        return ['vinegar', 'vodka', 'spirit', 'blend'];
    }
}
