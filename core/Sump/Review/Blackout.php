<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The light of a refugium is kept in. */
final class Blackout implements Rule
{
    public function judge(Situation $here): iterable
    {
        $lit = $here->workshop->litChamber;
        if ($lit === null) {
            return;
        }
        $wanted = $here->assumptions->of(Assumed::Blackout);
        $there = count($here->section->chambers());
        if ($lit >= $there) {
            yield Finding::of(
                Severity::Caution,
                'lit-chamber-gone',
                'The lit chamber is gone',
                Text::of('Chamber {lit} is to be lit; there are {there}.', lit: $lit + 1, there: $there),
            )->because('A baffle was taken out.', 'Choose another chamber.');
        }
        $thickness = $here->workshop->blackoutMm ?? $wanted->value;
        if ($thickness < $wanted->value) {
            yield Finding::of(
                Severity::Caution,
                'light-leaks',
                'Light gets through the blackout panels',
                Text::of('They are {thickness} thick.', thickness: Quantity::mm($thickness)),
                $wanted,
            )->because(
                'Algae then grow in the rest of the sump too.',
                Text::of(
                    'Take {wanted}; {thin} lets light through.',
                    wanted: $wanted->quantity(),
                    thin: Quantity::mm(2),
                ),
            );
        }
    }
}
