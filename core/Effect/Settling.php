<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\EntryKind;

/** How long a lever takes to act; readings in that time belong to neither side. */
final class Settling
{
    public static function of(EntryKind $kind): ?Assumption
    {
        return match ($kind) {
            EntryKind::MediaCharge => Assumptions::mediaSettling(),
            EntryKind::Photoperiod, EntryKind::CarbonDose => Assumptions::biologySettling(),
            default => null,
        };
    }
}
