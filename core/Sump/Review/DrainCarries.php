<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The drain carries what the return gives. */
final class DrainCarries extends PinnedRule
{
    protected function pin(): string
    {
        return '#drain';
    }

    protected function findings(Situation $here): iterable
    {
        $drain = $here->plumbing->drain->carries($here->assumptions, $here->viscosity);
        if ($drain === null && $here->plumbing->drain->isThere()) {
            yield PipeUnknown::finding('drain-unknown', 'drain');
        }
        if ($drain === null || $here->litresPerHour <= 0.0) {
            return;
        }
        $figures = Text::of(
            'Running full it carries {drain}; the return gives {flow}.',
            drain: Quantity::perHour($drain),
            flow: Quantity::perHour($here->litresPerHour),
        );
        // To the hundredth: a valve that was set to just match may be a hair on the one side.
        if ($drain < 0.99 * $here->litresPerHour) {
            yield Finding::of(Severity::Fault, 'drain-small', 'The drain cannot carry the return', $figures)->because(
                'The display fills until it runs over or into its emergency drain.',
                $here->plumbing->drain->valveOpen === null
                    ? 'Take a wider pipe or fewer elbows, throttle the return, or add a second drain.'
                    : 'Open its valve further.',
            );

            return;
        }
        $tuned = $here->plumbing->drain->tunedOpen($here->assumptions, $here->litresPerHour, $here->viscosity);
        yield Finding::of(Severity::Good, 'drain-fits', 'The drain carries the return', $figures)->because(
            'Throttled to just match the pump it runs full and silent. Tune with a gate valve and leave it; take pipes '
                .'apart at a ball valve or union, so that the setting survives.',
            match (true) {
                $tuned === null => 'It is so wide that even a valve all but closed lets more by: a narrower pipe is '
                    .'easier to tune.',
                $tuned >= 0.995 => null,
                default => Text::of(
                    'A gate valve about {open} open matches it; the last turn is by ear.',
                    open: Quantity::share($tuned),
                ),
            },
        );
    }
}
