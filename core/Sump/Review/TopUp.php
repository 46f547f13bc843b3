<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** How long the top-up may fail. */
final class TopUp extends PinnedRule
{
    protected function pin(): string
    {
        return '#top-off';
    }

    protected function findings(Situation $here): iterable
    {
        $days = $here->daysToGulp();
        if ($days === null) {
            yield Finding::of(
                Severity::Remark,
                'top-up-unknown',
                'How long the top-up may fail is not known',
                'The evaporation a day is not given.',
            )->because('Only the return chamber falls with evaporation.', 'Give it under Power cut.');

            return;
        }
        $least = $here->assumptions->of(Assumed::GulpDays);
        yield Finding::of(
            $days < $least->value ? Severity::Caution : Severity::Remark,
            'top-up',
            Text::of(
                'Without top-up the return gulps air in {days} days',
                days: Quantity::number($days, 1),
            ),
            'Bubbles from the return nozzle then say that the top-up failed: act at once, with purified water, '
                .'not with salt water.',
            $least,
        )->because(
            'Only the return chamber falls with evaporation; the salt stays behind.',
            $days < $least->value
                ? Text::of(
                    'Make the return chamber larger or run it higher; {least} leave time to see it.',
                    least: $least->quantity(),
                )
                : null,
        );
    }
}
