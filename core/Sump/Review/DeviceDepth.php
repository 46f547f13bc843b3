<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Placed;

/** A device has the depth of water its maker asks for. */
final class DeviceDepth implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->placed as $device) {
            if ($device->kind === DeviceKind::Heater || ! isset($here->running->levelsMm[$device->chamber])) {
                continue;
            }
            if ($device->depth->leastMm === null && $device->depth->mostMm === null) {
                if ($device->kind === DeviceKind::Skimmer) {
                    yield Finding::of(
                        Severity::Remark,
                        'depth-unknown',
                        Text::of('{device} has no depth given', device: $device->name),
                        'Enter the depth of water its maker asks for; then it is checked here.',
                    )->at($device->id);
                }
            } elseif ($here->flowIsKnown) {
                yield $this->depth($here, $device);
            }
        }
    }

    private function depth(Situation $here, Placed $device): Finding
    {
        $depth = $here->running->levelsMm[$device->chamber] - $device->standMm;
        $low = $device->depth->leastMm ?? 0.0;
        $high = $device->depth->mostMm ?? INF;
        $figures = Text::of(
            '{depth} of water; its maker asks for {range}.',
            depth: Quantity::mm($depth),
            range: match (true) {
                ! is_finite($high) => Text::of('at least {low}', low: Quantity::mm($low)),
                $device->depth->leastMm === null => Text::of('at most {high}', high: Quantity::mm($high)),
                default => Text::of('{low} to {high}', low: Quantity::mm($low), high: Quantity::mm($high)),
            },
        );
        $fits = $depth >= $low - 0.05 && $depth <= $high + 0.05;
        if ($fits && $device->kind === DeviceKind::Skimmer && in_array(null, (array) $device->depth, true)) {
            return Finding::of(
                Severity::Remark,
                'depth-half-known',
                Text::of('{device} has only one bound of its depth given', device: $device->name),
                $figures,
            )
                ->at($device->id)
                ->because('A skimmer stands too shallow or too deep.', 'Enter the other bound too.');
        }
        if ($fits) {
            return Finding::of(
                Severity::Good,
                'depth-fits',
                Text::of('{device} has its depth', device: $device->name),
                $figures,
            )->at($device->id);
        }
        $off = $depth < $low ? $low - $depth : $high - $depth;
        $sure = $here->assumptions->of(Assumed::LevelSure);
        if (abs($off) <= $sure->value) {
            return Finding::of(
                Severity::Remark,
                'depth-edge',
                Text::of('{device} stands at the edge of its depth', device: $device->name),
                $figures,
                $sure,
            )
                ->at($device->id)
                ->because('Water lines are not reckoned to the millimetre; see how it foams.');
        }

        return Finding::of(
            Severity::Caution,
            'depth-off',
            Text::of(
                $off > 0.0 ? '{device} stands too shallow' : '{device} stands too deep',
                device: $device->name,
            ),
            $figures,
        )
            ->at($device->id)
            ->because(
                'Too shallow it does not foam, too deep it floods its cup.',
                'Set its stand, the baffle that holds its water, or the water of the return chamber.',
            )
            ->mendedBy(...$this->remedies($here, $device, $off, is_finite($high) ? ($high - $low) / 2 : 0.0));
    }

    /**
     * Aimed at the middle of its range first, so that it does not stand at the edge again, then just into it.
     *
     * @param  float  $offMm  water it lacks; below zero what it has too much
     * @param  float  $halfMm  half of its range
     * @return list<Remedy> to be tried out
     */
    private function remedies(Situation $here, Placed $device, float $offMm, float $halfMm): array
    {
        $into = min($halfMm, 10.0);

        return [
            ...$this->changes($here, $device, $offMm > 0.0 ? ceil($offMm + $into) : floor($offMm - $into)),
            ...$this->changes($here, $device, $offMm > 0.0 ? ceil($offMm) : floor($offMm)),
        ];
    }

    /** @return list<Remedy> each giving it so much more water over its foot, below zero so much less */
    private function changes(Situation $here, Placed $device, float $byMm): array
    {
        $stand = max(0.0, round($device->standMm - $byMm));
        $holding = $this->holdingBaffle($here, $device->chamber);
        $remedies = [];
        if ($stand === 0.0 || $stand >= $here->assumptions->value(Assumed::LeastStand)) {
            $remedies[] = new Remedy(
                $stand === 0.0
                    ? Text::of('Stand {device} on the floor', device: $device->name)
                    : Text::of(
                        'Put {device} on a stand of {stand}',
                        device: $device->name,
                        stand: Quantity::mm($stand),
                    ),
                $device->id,
                'standMm',
                $stand,
            );
        }
        $level = round(($holding->topMm ?? $here->section->water->returnLevelMm) + $byMm);
        $remedies[] = $holding === null
            ? new Remedy(
                Text::of('Run the return chamber at {level}', level: Quantity::mm($level)),
                '',
                'returnLevelMm',
                $level,
            )
            : new Remedy(
                Text::of(
                    'Set the top of the baffle at {place}, which holds its water, to {top}',
                    place: Quantity::mm($holding->atMm),
                    top: Quantity::mm($level),
                ),
                $holding->id,
                'topMm',
                $level,
            );

        return $remedies;
    }

    /** The baffle whose top decides the level in a chamber; null where the return chamber does. */
    private function holdingBaffle(Situation $here, int $chamber): ?Baffle
    {
        $baffles = $here->section->inside->baffles;
        for ($i = $chamber; $i < count($baffles); $i++) {
            // One that hangs lets the level behind it through, and so does one that is drowned.
            if (! $baffles[$i]->hangs() && $here->running->levelsMm[$i + 1] <= $baffles[$i]->topMm) {
                return $baffles[$i];
            }
        }

        return null;
    }
}
