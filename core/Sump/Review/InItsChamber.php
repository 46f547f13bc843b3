<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What stands or lies in a chamber has one. */
final class InItsChamber implements Rule
{
    public function judge(Situation $here): iterable
    {
        $chambers = $here->section->chambers();
        foreach ($here->section->inside->placed as $device) {
            if (! isset($chambers[$device->chamber])) {
                yield Finding::of(
                    Severity::Fault,
                    'no-chamber',
                    Text::of('{device} has no chamber', device: $device->name),
                    'The chamber it stood in is gone.',
                )
                    ->at($device->id)
                    ->because('A baffle was taken out.', 'Choose another chamber for it.');
            }
        }
        foreach ($here->section->inside->trays as $tray) {
            if (! isset($chambers[$tray->chamber])) {
                yield Finding::of(
                    Severity::Fault,
                    'no-chamber',
                    Text::of('{tray} has no chamber', tray: $tray->kind->label()),
                    'The chamber it lay in is gone.',
                )
                    ->at($tray->id)
                    ->because('A baffle was taken out.', 'Choose another chamber for it.');
            }
        }
    }
}
