<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** How long the top-up may fail. */
final class TopUp implements Rule
{
    public function judge(Situation $here): iterable
    {
        $days = $here->daysToGulp();
        if ($days !== null) {
            yield Finding::of(
                Severity::Remark,
                'top-up',
                Text::of(
                    'Without top-up the return gulps air in {days} days',
                    days: Quantity::number($days, 1),
                ),
                'Bubbles from the return nozzle then say that the top-up failed: act at once, with purified water, '
                    .'not with salt water.',
            )->because('Only the return chamber falls with evaporation; the salt stays behind.');
        }
    }
}
