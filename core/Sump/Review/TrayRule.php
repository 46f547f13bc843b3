<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Sump\Baffle;
use Ithys\Sump\Chamber;
use Ithys\Sump\Tray\Tray;

/** A rule about one tray that lies within its sump. */
abstract class TrayRule implements Rule
{
    public function judge(Situation $here): iterable
    {
        $chambers = $here->section->chambers();
        foreach ($here->section->inside->trays as $tray) {
            if (isset($chambers[$tray->chamber]) && $tray->liesWithin($here->section->vessel->heightMm)) {
                yield from $this->of($tray, $chambers[$tray->chamber], $here);
            }
        }
    }

    /**
     * The baffle behind a tray, over which water that stands on it runs on; null where none is, or where it reaches
     * the rim. Where it is lower than the tray, the edge of the tray is open there.
     */
    protected function behind(Tray $tray, Situation $here): ?Baffle
    {
        $baffle = $here->section->inside->baffles[$tray->chamber] ?? null;

        return $baffle !== null && $baffle->topMm < $here->section->vessel->heightMm ? $baffle : null;
    }

    /** How high over the floor water on a tray rises before it runs over the baffle behind it, mm; null as above. */
    protected function edgeMm(Tray $tray, Situation $here): ?float
    {
        $behind = $this->behind($tray, $here);

        return $behind === null ? null : max($behind->topMm, $tray->topMm);
    }

    /** @return iterable<Finding> */
    abstract protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable;
}
