<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;

/** No device stands where a tray lies. */
final class TrayUnderside extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        foreach ($here->section->inside->placed as $device) {
            if (
                $device->chamber !== $tray->chamber
                || $device->standMm >= $tray->topMm
                || $device->topMm() <= $tray->undersideMm()
            ) {
                continue;
            }
            yield Finding::of(
                Severity::Fault,
                'tray-in-the-way',
                Text::of(
                    '{device} does not go under the {tray}',
                    device: $device->name,
                    tray: lcfirst($tray->kind->label()),
                ),
                Text::of(
                    'It reaches from {foot} to {top}; the underside is at {underside}.',
                    foot: Quantity::mm($device->standMm),
                    top: Quantity::mm($device->topMm()),
                    underside: Quantity::mm($tray->undersideMm()),
                ),
            )
                ->at($tray->id)
                ->because(
                    'A tray closes its chamber from wall to wall.',
                    'Raise the tray, or stand the device in another chamber.',
                );
        }
    }
}
