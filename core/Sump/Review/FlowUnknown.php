<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Severity;

/** How much water goes through the sump is known. */
final class FlowUnknown extends PinnedRule
{
    protected function pin(): string
    {
        return '#pump';
    }

    protected function findings(Situation $here): iterable
    {
        if (! $here->flowIsKnown) {
            yield Finding::of(
                Severity::Caution,
                'flow-unknown',
                'The flow is not known',
                'The water lines are drawn as if nothing flowed; while it runs the water stands higher before every '
                    .'baffle.',
            )->because(
                'Water lines, drain, emergency pipe and bubbles all depend on the flow.',
                'Give the pump and its pipe, or the flow through the filter under Path, Water.',
            );
        }
    }
}
