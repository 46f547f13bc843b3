<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Review\HeaterCover as PathHeaterCover;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Placed;
use Ithys\Sump\WaterLines;

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
        // What is missing of a power cut only adds water.
        $covers = array_map(
            static fn (WaterLines $lines): float => (float) $device->coverMm($lines),
            [
                'while running' => $here->running,
                'after a power cut' => $here->powerCut,
                'with the return emptied' => $here->emptied,
            ],
        );
        $cover = min($covers);
        $worst = (string) array_search($cover, $covers, true);
        $line = $device->standMm + $device->depth->leastMm;
        if (! PathHeaterCover::severity($cover, $wanted->value)->isGrave()) {
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
        $least = $cover < 0.0 ? 0.0 : $wanted->value - 0.05;
        $lacking = array_filter($covers, static fn (float $mm): bool => $mm < $least);

        return Finding::of(
            PathHeaterCover::severity($cover, $wanted->value),
            'heater-dry',
            Text::of($cover < 0.0 ? '{device} would stand dry' : '{device} is hardly covered', device: $device->name),
            Text::of(
                '{states}; its line is at {line}.',
                states: Text::join(', ', array_map(
                    static fn (string $state, float $mm): Text => Text::of(
                        '{state} the water is at {level}',
                        state: $state === array_key_first($lacking) ? ucfirst($state) : $state,
                        level: Quantity::mm($mm + $line),
                    ),
                    array_keys($lacking),
                    $lacking,
                )),
                line: Quantity::mm($line),
            ),
            $wanted,
        )
            ->at($device->id)
            ->because(
                self::HAZARD,
                Text::of(
                    'Move it behind a baffle that keeps its water, or lower it by {lower}.',
                    lower: Quantity::mm(ceil($wanted->value - $cover)),
                ),
            )
            ->mendedBy(...$this->lower($device, $wanted->value - $cover));
    }

    /** @return list<Remedy> */
    private function lower(Placed $device, float $byMm): array
    {
        $stand = floor($device->standMm - $byMm);

        return $stand < 0.0
            ? []
            : [
                new Remedy(
                    Text::of('Set its foot {stand} over the floor', stand: Quantity::mm($stand)),
                    $device->id,
                    'standMm',
                    $stand,
                ),
            ];
    }
}
