<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The water does not fall far into the next chamber. */
final class Waterfall implements Rule
{
    public function judge(Situation $here): iterable
    {
        if ($here->litresPerHour <= 0.0) {
            return;
        }
        $most = $here->assumptions->of(Assumed::Waterfall);
        foreach ($here->section->inside->baffles as $i => $baffle) {
            $fall = $baffle->topMm - $here->running->levelsMm[$i + 1];
            if (! $baffle->hangs() && $fall > $most->value) {
                yield Finding::of(
                    Severity::Caution,
                    'waterfall',
                    'The water falls far over this baffle',
                    Text::of(
                        '{fall} from its top to the water behind it; more than {most} is loud and draws air down.',
                        fall: Quantity::mm($fall),
                        most: $most->quantity(),
                    ),
                    $most,
                )
                    ->at($baffle->id)
                    ->because(
                        'Falling water carries bubbles deep into the chamber below.',
                        'Lower the baffle, raise the water behind it, or break the fall with a step.',
                    );
            }
        }
    }
}
