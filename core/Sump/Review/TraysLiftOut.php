<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;

/** Whether a tray comes out for cleaning: another above it, with its ledges, is in its way. */
final class TraysLiftOut extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        foreach ($here->section->inside->trays as $other) {
            if ($other->chamber !== $tray->chamber || $other->id === $tray->id || $other->topMm <= $tray->topMm) {
                continue;
            }
            yield Finding::of(
                Severity::Caution,
                'tray-under-tray',
                Text::of('{tray} under another', tray: $tray->kind->label()),
                Text::of(
                    'It comes out only once the {other} above it is out, and then tilted past the ledges of that.',
                    other: lcfirst($other->kind->label()),
                ),
            )
                ->at($tray->id)
                ->because('What does not come out is not cleaned.', 'Try it dry, or put one of them in another '
                    .'chamber.');

            return;
        }
    }
}
