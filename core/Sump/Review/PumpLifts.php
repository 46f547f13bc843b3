<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The return pump reaches the height it has to lift to. */
final class PumpLifts extends PinnedRule
{
    protected function pin(): string
    {
        return '#pump';
    }

    protected function findings(Situation $here): iterable
    {
        $curve = $here->plumbing->pump->curve();
        $lift = $here->plumbing->return->heightMm;
        if ($curve === null || $lift === null) {
            return;
        }
        $most = 1000 * $curve->head(0.0);
        if ($lift < $most) {
            return;
        }
        yield Finding::of(
            Severity::Fault,
            'pump-no-lift',
            'The pump does not lift the water that high',
            Text::of(
                'Its greatest height is {most}; the lift is {lift}. {missing} are missing before any water flows.',
                most: Quantity::length($most),
                lift: Quantity::length($lift),
                missing: Quantity::length($lift - $most),
            ),
        )->because(
            'At its greatest height a pump only holds the water and moves none.',
            Text::of(
                'Take a pump of at least {wanted} of greatest height, or measure the lift from the water of the return '
                    .'chamber, not from the floor.',
                wanted: Quantity::length($lift / $here->assumptions->value(Assumed::UsefulLift)),
            ),
        );
    }
}
