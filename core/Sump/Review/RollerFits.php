<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;

/** A fleece roller has the water that moves it on, the room it hangs in, and comes out. */
final class RollerFits extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        if (! $tray->has(OpeningKind::Roller)) {
            return;
        }
        $above = $here->assumptions->of(Assumed::StandingOverRoller);
        $below = $here->assumptions->of(Assumed::RoomUnderRoller);
        // Water that runs off the tray does not rise on it.
        $ways = [
            'rim' => $here->section->vessel->heightMm - $tray->topMm,
            'edge' => ($this->edgeMm($tray, $here) ?? INF) - $tray->topMm,
            'pipe' => min([
                INF,
                ...array_map(static fn (Opening $pipe): float => $pipe->standsMm, $tray->of(OpeningKind::Standpipe)),
            ]),
        ];
        $stands = min($ways);
        $way = array_search($stands, $ways, true);
        $lacksWater = $stands < $above->value - 0.05;
        $lacksRoom = $tray->undersideMm() < $below->value - 0.05;
        if ($lacksWater) {
            yield Finding::of(
                Severity::Caution,
                'roller-water',
                'Too little water can stand over the roller’s tray',
                Text::of(
                    $way === 'edge' ? '{stands} can before it runs over the baffle behind; it wants {above}.'
                        : '{stands} can; it wants {above}.',
                    stands: Quantity::mm($stands),
                    above: $above->quantity(),
                ),
                $above,
            )
                ->at($tray->id)
                ->because(
                    'The rising water is what moves the fleece on.',
                    match ($way) {
                        'pipe' => 'Raise the mouth of the standpipe.',
                        'edge' => 'Hang a baffle behind the tray that stands higher than it: over its open edge the '
                            .'water runs on, and the roller never moves.',
                        default => 'Lower the tray.',
                    },
                );
        }
        if ($lacksRoom) {
            yield Finding::of(
                Severity::Caution,
                'roller-room',
                'Too little room under the roller’s tray',
                Text::of(
                    '{room} is free below it; it wants {below}.',
                    room: Quantity::mm($tray->undersideMm()),
                    below: $below->quantity(),
                ),
                $below,
            )
                ->at($tray->id)
                ->because(
                    'The roll and its drum hang below the tray.',
                    Text::of(
                        'Raise the tray by {raise}.',
                        raise: Quantity::mm(ceil($below->value - $tray->undersideMm())),
                    ),
                )
                ->mendedBy(new Remedy(
                    Text::of('Set the tray to {top}', top: Quantity::mm(ceil($below->value + $tray->thicknessMm))),
                    $tray->id,
                    'topMm',
                    ceil($below->value + $tray->thicknessMm),
                ));
        }
        if (! $lacksWater && ! $lacksRoom) {
            yield Finding::of(
                Severity::Good,
                'roller-fits',
                'The roller has its water and its room',
                Text::of(
                    '{stands} can stand over the tray, {room} is free below it.',
                    stands: Quantity::mm($stands),
                    room: Quantity::mm($tray->undersideMm()),
                ),
                $above,
            )->at($tray->id);
        }
        yield from $this->lift($tray, $here->section->cabinet->heightMm);
    }

    /** @return iterable<Finding> */
    private function lift(Tray $tray, ?float $cabinetMm): iterable
    {
        foreach ($tray->of(OpeningKind::Roller) as $roller) {
            // The roll comes out upwards: what hangs below the tray has to clear it.
            $lift = $tray->topMm + $roller->standsMm + $roller->hangsMm;
            if ($cabinetMm !== null && $lift > $cabinetMm) {
                yield Finding::of(
                    Severity::Caution,
                    'roller-lift',
                    'The roller does not come out of the cabinet',
                    Text::of(
                        'Lifted clear of the tray it reaches to {lift}; the cabinet to {cabinet}.',
                        lift: Quantity::mm($lift),
                        cabinet: Quantity::mm($cabinetMm),
                    ),
                )
                    ->at($tray->id)
                    ->because(
                        'The roll has to be changed every two or three months.',
                        'Lower the tray, or let the sump slide out.',
                    );
            }
        }
    }
}
