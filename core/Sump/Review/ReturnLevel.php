<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;

/** The water of the return chamber stands between the least its pump takes and the rim. */
final class ReturnLevel extends PinnedRule
{
    protected function pin(): string
    {
        return '#water';
    }

    protected function findings(Situation $here): iterable
    {
        $water = $here->section->water;
        $rim = $here->section->vessel->heightMm;
        if ($water->returnLevelMm > $rim) {
            yield Finding::of(
                Severity::Fault,
                'level-over-rim',
                'The running water is over the rim',
                Text::of(
                    'In the return chamber it should stand at {level}; the rim is at {rim}.',
                    level: Quantity::mm($water->returnLevelMm),
                    rim: Quantity::mm($rim),
                ),
            )->because('It would run out.', 'Run the return chamber lower.');
        }
        $clear = ceil($water->pumpMinimumMm + $here->assumptions->value(Assumed::ReturnOverPump));
        if ($water->pumpMinimumMm >= $water->returnLevelMm) {
            yield Finding::of(
                Severity::Fault,
                'pump-dry',
                'The pump sucks air at once',
                Text::of(
                    'It needs {least} of water; the return chamber runs at {level}.',
                    least: Quantity::mm($water->pumpMinimumMm),
                    level: Quantity::mm($water->returnLevelMm),
                ),
            )->because(
                'Air in the pump stops it and fills the display with bubbles.',
                'Run the return chamber higher.',
            )->mendedBy(new Remedy(
                Text::of(
                    'Run the return chamber at {level}',
                    level: Quantity::mm($clear),
                ),
                '',
                'returnLevelMm',
                $clear,
            ));
        }
    }
}
