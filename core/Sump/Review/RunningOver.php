<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** While it runs, the water stays under the rim. */
final class RunningOver implements Rule
{
    public function judge(Situation $here): iterable
    {
        $rim = $here->section->vessel->heightMm;
        if ($here->running->highestMm() > $rim) {
            yield Finding::of(
                Severity::Fault,
                'running-over',
                'It overflows while running',
                Text::of(
                    'Before a baffle the water would stand at {highest}; the rim is at {rim}.',
                    highest: Quantity::mm($here->running->highestMm()),
                    rim: Quantity::mm($rim),
                ),
            )->because(
                'Every baffle backs the water up until it lets the flow by.',
                'Lower the baffles or widen their gaps.',
            );
        }
    }
}
