<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;

/** The top of a hanging baffle stands out of the water. */
final class UnderTopWet implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->baffles as $i => $baffle) {
            $level = $here->running->levelsMm[$i];
            if (! $baffle->hangs() || $here->litresPerHour <= 0.0 || $level <= $baffle->topMm) {
                continue;
            }
            $clear = ceil($level + $here->assumptions->value(Assumed::UnderOverWater));
            yield Finding::of(
                Severity::Caution,
                'under-top-wet',
                'Water runs over this hanging baffle too',
                Text::of(
                    'Its top is at {top}; running, the water stands at {level}.',
                    top: Quantity::mm($baffle->topMm),
                    level: Quantity::mm($level),
                ),
            )
                ->at($baffle->id)
                ->because(
                    'Bubbles and what floats go over its top instead of being held.',
                    Text::of(
                        'Raise its top to {top} or more.',
                        top: Quantity::mm($clear),
                    ),
                )
                ->mendedBy(new Remedy(
                    Text::of('Raise its top to {top}', top: Quantity::mm($clear)),
                    $baffle->id,
                    'topMm',
                    $clear,
                ));
        }
    }
}
