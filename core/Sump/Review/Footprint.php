<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Placed;

/** A device fits its chamber with room for a hand, and comes out under the cabinet. */
final class Footprint implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->placed as $device) {
            $chamber = $here->section->chambers()[$device->chamber] ?? null;
            if ($chamber !== null) {
                yield from $this->inChamber($here, $device, $chamber);
                yield from $this->underCabinet($here, $device);
            }
        }
    }

    /** @return iterable<Finding> */
    private function inChamber(Situation $here, Placed $device, Chamber $chamber): iterable
    {
        $hand = $here->assumptions->of(Assumed::WorkingRoom);
        $figures = [
            'length' => Quantity::mm($device->size->lengthMm),
            'width' => Quantity::mm($device->size->widthMm),
            'chamberLength' => Quantity::mm($chamber->lengthMm()),
            'chamberWidth' => Quantity::mm($chamber->widthMm),
        ];
        if (! $chamber->takes($device->size)) {
            yield Finding::of(
                Severity::Fault,
                'does-not-fit',
                Text::of('{device} does not fit', device: $device->name),
                Text::of('It is {length} by {width}; its chamber is {chamberLength} by {chamberWidth}.', ...$figures),
            )
                ->at($device->id)
                ->because(
                    'Once it is siliconed in place, too small is a regret.',
                    'Move a baffle, or take a smaller one.',
                );
        } elseif (! $chamber->takes($device->size, $hand->value)) {
            yield Finding::of(
                Severity::Caution,
                'no-hand-room',
                Text::of('{device} fits, but no hand beside it', device: $device->name),
                Text::of('It is {length} by {width} in a chamber of {chamberLength} by {chamberWidth}.', ...$figures),
                $hand,
            )
                ->at($device->id)
                ->because(
                    'It has to come out to be cleaned.',
                    Text::of('Leave {hand} around it.', hand: $hand->quantity()),
                );
        }
    }

    /** @return iterable<Finding> */
    private function underCabinet(Situation $here, Placed $device): iterable
    {
        $cabinet = $here->section->cabinet->heightMm;
        if ($cabinet !== null && $device->topMm() > $cabinet) {
            yield Finding::of(
                Severity::Fault,
                'too-high',
                Text::of('{device} is too high for the cabinet', device: $device->name),
                Text::of(
                    'It reaches to {top}; the cabinet to {cabinet}.',
                    top: Quantity::mm($device->topMm()),
                    cabinet: Quantity::mm($cabinet),
                ),
            )
                ->at($device->id)
                ->because('Cup, sock or roll have to be lifted out above it.', 'Lower its stand, or take a lower one.');
        } elseif ($device->kind === DeviceKind::Skimmer) {
            yield from $this->cup($here, $device, $cabinet);
        }
    }

    /** @return iterable<Finding> */
    private function cup(Situation $here, Placed $skimmer, ?float $cabinetMm): iterable
    {
        $share = $here->assumptions->of(Assumed::CupLift);
        $lift = $skimmer->topMm() + $share->value * $skimmer->size->heightMm;
        if ($cabinetMm === null && $here->section->front === null) {
            yield Finding::of(
                Severity::Remark,
                'cup-lift-unknown',
                Text::of('Whether the cup of {device} comes out is not known', device: $skimmer->name),
                'The clear height of the cabinet is not given.',
            )->at($skimmer->id);
        } elseif ($cabinetMm !== null && $lift > $cabinetMm) {
            yield Finding::of(
                Severity::Caution,
                'cup-lift',
                Text::of('The cup of {device} does not come out', device: $skimmer->name),
                Text::of(
                    'It reaches to {top}; to lift its cup off, about {lift} are needed. The cabinet has {cabinet}.',
                    top: Quantity::mm($skimmer->topMm()),
                    lift: Quantity::mm($lift),
                    cabinet: Quantity::mm($cabinetMm),
                ),
                $share,
            )
                ->at($skimmer->id)
                ->because(
                    'The cup is emptied every few days.',
                    'Lower its stand and its water, take a lower one, or let the sump slide out.',
                );
        }
    }
}
