<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Placed;

/** A heater stays under water in every state. */
final class HeaterCover implements Rule
{
    private const HAZARD = 'A heater that runs dry cracks and can burn. Drip loop, residual-current protection, local '
        .'code.';

    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->placed as $device) {
            if ($device->kind === DeviceKind::Heater && isset($here->running->levelsMm[$device->chamber])) {
                yield $this->cover($here, $device);
            }
        }
    }

    private function cover(Situation $here, Placed $device): Finding
    {
        $wanted = $here->assumptions->of(Assumed::HeaterCover);
        if ($device->depth->leastMm === null) {
            return Finding::of(
                Severity::Caution,
                'heater-line-unknown',
                Text::of('It is not known whether {device} stays covered', device: $device->name),
                'Its minimum line is not given.',
                $wanted,
            )
                ->at($device->id)
                ->because(self::HAZARD, 'Enter how high over its foot the line is that must stay under water.');
        }
        $covers = array_map(
            static fn ($lines): float => (float) $device->coverMm($lines),
            [
                'while running' => $here->running,
                'after a power cut' => $here->powerCut,
                'with the return emptied' => $here->emptied,
            ],
        );
        $cover = min($covers);
        $worst = (string) array_search($cover, $covers, true);
        if ($cover >= $wanted->value - 0.05) {
            return Finding::of(
                Severity::Good,
                'heater-covered',
                Text::of('{device} stays covered', device: $device->name),
                Text::of(
                    'At the least, {state}, {cover} of water stands over its line.',
                    state: $worst,
                    cover: Quantity::mm($cover),
                ),
                $wanted,
            )->at($device->id);
        }
        $line = $device->standMm + $device->depth->leastMm;

        return Finding::of(
            $cover < 0.0 ? Severity::Fault : Severity::Caution,
            'heater-dry',
            Text::of($cover < 0.0 ? '{device} would stand dry' : '{device} is hardly covered', device: $device->name),
            Text::of(
                '{state} the water is at {level}; its line is at {line}.',
                state: ucfirst($worst),
                level: Quantity::mm($cover + $line),
                line: Quantity::mm($line),
            ),
            $wanted,
        )
            ->at($device->id)
            ->because(
                self::HAZARD,
                Text::of(
                    'Move it behind a baffle that keeps its water, or lower it by {lower}.',
                    lower: Quantity::mm($wanted->value - $cover),
                ),
            );
    }
}
