<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\DeviceKind;

/** A pump that stands in a chamber is under its water while it runs. */
final class PumpUnderWater implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->placed as $device) {
            $level = $here->running->levelsMm[$device->chamber] ?? null;
            if ($device->kind !== DeviceKind::Pump || $level === null || $device->topMm() <= $level) {
                continue;
            }
            $isReturn = $device->chamber === count($here->section->inside->baffles);
            $wanted = ceil($device->topMm());
            yield Finding::of(
                Severity::Caution,
                'pump-bare',
                Text::of('{device} stands out of the water', device: $device->name),
                Text::of(
                    'It reaches to {top}; running, the water stands at {level}.',
                    top: Quantity::mm($device->topMm()),
                    level: Quantity::mm($level),
                ),
            )
                ->at($device->id)
                ->because(
                    'A pump made for under water runs hot and draws air when it stands out of it.',
                    'Run its chamber higher, or take a lower pump. One made to stand dry belongs outside the water.',
                )
                ->mendedBy(...$isReturn
                    ? [
                        new Remedy(
                            Text::of('Run the return chamber at {level}', level: Quantity::mm($wanted)),
                            '',
                            'returnLevelMm',
                            $wanted,
                        ),
                    ]
                    : []);
        }
    }
}
