<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/** The water below a tray stays below it. */
final class TrayDrowned extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        $level = $here->running->levelsMm[$tray->chamber];
        if ($tray->kind !== TrayKind::Tray || $level <= $tray->undersideMm()) {
            return;
        }
        yield Finding::of(
            Severity::Caution,
            'tray-drowned',
            'The tray is under water',
            Text::of(
                'Running, the water stands at {level}; the tray’s underside is at {underside}.',
                level: Quantity::mm($level),
                underside: Quantity::mm($tray->undersideMm()),
            ),
        )
            ->at($tray->id)
            ->because(
                'Water that stands as high below the tray as above it does not pass through the cloth.',
                Text::of(
                    'Raise the tray by {raise}, or lower the baffle that holds the water.',
                    raise: Quantity::mm(ceil($level - $tray->undersideMm())),
                ),
            )
            ->mendedBy(new Remedy(
                Text::of('Set the tray to {top}', top: Quantity::mm(ceil($level + $tray->thicknessMm))),
                $tray->id,
                'topMm',
                ceil($level + $tray->thicknessMm),
            ));
    }
}
