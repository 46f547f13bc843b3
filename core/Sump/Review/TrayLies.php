<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A tray lies between the floor and the rim. */
final class TrayLies implements Rule
{
    public function judge(Situation $here): iterable
    {
        $rim = $here->section->vessel->heightMm;
        $chambers = $here->section->chambers();
        foreach ($here->section->inside->trays as $tray) {
            if (! isset($chambers[$tray->chamber]) || $tray->liesWithin($rim)) {
                continue;
            }
            yield Finding::of(
                Severity::Fault,
                'tray-outside',
                Text::of('{tray} outside the tank', tray: $tray->kind->label()),
                Text::of(
                    'It lies from {underside} to {top}; the rim is at {rim}.',
                    underside: Quantity::mm($tray->undersideMm()),
                    top: Quantity::mm($tray->topMm),
                    rim: Quantity::mm($rim),
                ),
            )
                ->at($tray->id)
                ->because('There is nothing for it to rest on.', 'Set it lower, or higher over the floor.');
        }
    }
}
