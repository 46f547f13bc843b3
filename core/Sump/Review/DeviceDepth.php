<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
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
            if ($device->depth->leastMm !== null || $device->depth->mostMm !== null) {
                yield $this->depth($here, $device);
            } elseif ($device->kind === DeviceKind::Skimmer) {
                yield Finding::of(
                    Severity::Remark,
                    'depth-unknown',
                    Text::of('{device} has no depth given', device: $device->name),
                    'Enter the depth of water its maker asks for; then it is checked here.',
                )->at($device->id);
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
            range: is_finite($high)
                ? Text::of('{low} to {high}', low: Quantity::mm($low), high: Quantity::mm($high))
                : Text::of('at least {low}', low: Quantity::mm($low)),
        );
        if ($depth >= $low - 0.05 && $depth <= $high + 0.05) {
            return Finding::of(
                Severity::Good,
                'depth-fits',
                Text::of('{device} has its depth', device: $device->name),
                $figures,
            )->at($device->id);
        }

        return Finding::of(
            Severity::Caution,
            'depth-off',
            Text::of(
                $depth < $low ? '{device} stands too shallow' : '{device} stands too deep',
                device: $device->name,
            ),
            $figures,
        )
            ->at($device->id)
            ->because(
                'Too shallow it does not foam, too deep it floods its cup.',
                $this->fix($here, $device, $depth < $low ? $low - $depth : $high - $depth),
            );
    }

    /** @param  float  $offMm  water it lacks; below zero what it has too much */
    private function fix(Situation $here, Placed $device, float $offMm): Text|string
    {
        $fixes = [];
        if ($offMm < 0.0) {
            $fixes[] = Text::of('Put it on a stand of {stand}', stand: Quantity::mm($device->standMm - $offMm));
        } elseif ($device->standMm > 0.0) {
            $fixes[] = Text::of('Lower its stand by {lower}', lower: Quantity::mm(min($offMm, $device->standMm)));
        }
        $weir = $this->holdingBaffle($here, $device->chamber);
        if ($weir !== null) {
            $fixes[] = Text::of(
                '{set} the baffle that holds its water to {top}',
                set: $fixes === [] ? 'Set' : 'set',
                top: Quantity::mm($weir->topMm + $offMm),
            );
        }

        return $fixes === []
            ? 'Run the return chamber at another level.'
            : Text::of('{fixes}.', fixes: Text::join(', or ', $fixes));
    }

    /** The next weir downstream, which decides the level in a chamber. */
    private function holdingBaffle(Situation $here, int $chamber): ?Baffle
    {
        foreach (array_slice($here->section->inside->baffles, $chamber) as $baffle) {
            if (! $baffle->hangs()) {
                return $baffle;
            }
        }

        return null;
    }
}
