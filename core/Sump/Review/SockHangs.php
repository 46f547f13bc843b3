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
use Ithys\Sump\Tray\Tray;

/** A sock hangs clear of the floor and comes out straight. */
final class SockHangs extends TrayRule
{
    protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable
    {
        foreach ($tray->openings as $opening) {
            if ($opening->kind->isSock()) {
                yield from $this->floor($tray, $opening, $here);
                yield from $this->lift($tray, $opening, $here->section->cabinet->heightMm);
            }
        }
    }

    /** @return iterable<Finding> */
    private function floor(Tray $tray, Opening $sock, Situation $here): iterable
    {
        $foot = $tray->topMm - $sock->hangsMm;
        $clear = $here->assumptions->of(Assumed::SockClearance);
        if ($foot < $clear->value) {
            yield Finding::of(
                Severity::Caution,
                'sock-on-floor',
                'The sock stands on the floor',
                Text::of(
                    'It hangs {hangs} below a tray at {top}: its foot has {foot} under it.',
                    hangs: Quantity::mm($sock->hangsMm),
                    top: Quantity::mm($tray->topMm),
                    foot: Quantity::mm(max(0.0, $foot)),
                ),
                $clear,
            )
                ->at($tray->id)
                ->because(
                    'A sock that lies on the floor closes a part of itself and chafes.',
                    Text::of(
                        'Take a sock of {longest} at the most, or raise the tray.',
                        longest: Quantity::mm(max(0.0, $tray->topMm - $clear->value)),
                    ),
                )
                ->mendedBy(new Remedy(
                    Text::of('Set the tray to {top}', top: Quantity::mm(ceil($sock->hangsMm + $clear->value))),
                    $tray->id,
                    'topMm',
                    ceil($sock->hangsMm + $clear->value),
                ));
        }
    }

    /** @return iterable<Finding> */
    private function lift(Tray $tray, Opening $sock, ?float $cabinetMm): iterable
    {
        $lift = $tray->topMm + $sock->hangsMm;
        if ($cabinetMm !== null && $lift > $cabinetMm) {
            yield Finding::of(
                Severity::Caution,
                'sock-lift',
                'The sock does not come out straight',
                Text::of(
                    'Lifted clear of the tray it reaches to {lift}; the cabinet to {cabinet}.',
                    lift: Quantity::mm($lift),
                    cabinet: Quantity::mm($cabinetMm),
                ),
            )
                ->at($tray->id)
                ->because(
                    'A full sock that is bent out spills what it caught.',
                    Text::of(
                        'Take a sock of {longest} at the most, lower the tray, or let the sump slide out.',
                        longest: Quantity::mm(max(0.0, $cabinetMm - $tray->topMm)),
                    ),
                );
        }
    }
}
