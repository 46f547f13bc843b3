<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Placed;
use Ithys\Sump\Standing;

/** What stands in one chamber stands there side by side. */
final class Crowded implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach (Standing::in($here->section)->crowded as $index) {
            $devices = array_values(
                array_filter(
                    $here->section->inside->placed,
                    static fn (Placed $device): bool => $device->chamber === $index,
                ),
            );
            $chamber = $here->section->chambers()[$index];
            yield Finding::of(
                Severity::Caution,
                'crowded',
                Text::of('Chamber {chamber} is crowded', chamber: $chamber->number()),
                Text::of(
                    '{devices} do not stand side by side in {length} by {width}.',
                    devices: Text::join(', ', array_column($devices, 'name')),
                    length: Quantity::mm($chamber->lengthMm()),
                    width: Quantity::mm($chamber->widthMm),
                ),
            )
                ->at($devices[count($devices) - 1]->id)
                ->because(
                    'One above the other is possible only where their heights allow it, and then the upper one is in '
                        .'the way of the lower.',
                    'Move a baffle, or stand one of them in another chamber.',
                );
        }
    }
}
