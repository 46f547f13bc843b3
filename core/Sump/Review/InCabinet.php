<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The sump goes into its cabinet. */
final class InCabinet extends PinnedRule
{
    protected function pin(): string
    {
        return '#cabinet';
    }

    protected function findings(Situation $here): iterable
    {
        $vessel = $here->section->vessel;
        $cabinet = $here->section->cabinet;
        $sides = [
            'longer' => [$vessel->lengthMm + 2 * $vessel->wallMm, $cabinet->lengthMm],
            'wider' => [$vessel->widthMm + 2 * $vessel->wallMm, $cabinet->widthMm],
            'higher' => [$vessel->heightMm, $cabinet->heightMm],
        ];
        foreach ($sides as $than => [$outer, $clear]) {
            if ($clear !== null && $outer > $clear) {
                yield Finding::of(
                    Severity::Fault,
                    "cabinet-{$than}",
                    "The sump is {$than} than its cabinet",
                    Text::of(
                        'It measures {outer}; the cabinet has {clear}.',
                        outer: Quantity::mm($outer),
                        clear: Quantity::mm($clear),
                    ),
                )->because('It does not go in.', 'Take a smaller sump, or measure the way in as well.');
            }
        }
    }
}
