<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
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

    /** @return iterable<Finding> */
    abstract protected function of(Tray $tray, Chamber $chamber, Situation $here): iterable;
}
