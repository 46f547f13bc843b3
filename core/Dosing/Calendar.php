<?php

declare(strict_types=1);

namespace Ithys\Dosing;

use Ithys\Assumption\Assumptions;
use Ithys\Media\CarbonSchool;
use Ithys\Media\Medium;

/** When a medium is changed by the calendar alone. */
final class Calendar
{
    /** Days that it stays; null where nobody says. */
    public static function days(Medium $medium, Assumptions $assumptions, ?CarbonSchool $approach): ?float
    {
        $key = $medium->key('calendar');

        return match (true) {
            $key !== null => $assumptions->value($key),
            $medium === Medium::ActivatedCarbon => $approach?->days()[1] ?? null,
            default => null,
        };
    }
}
