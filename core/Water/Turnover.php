<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/** How often an hour the filter passes the whole working volume, judged by the keeper's school. */
final class Turnover
{
    /** Volumes an hour; null while no flow is given. */
    public static function perHour(?float $litresPerHour, float $workingLitres): ?float
    {
        return $litresPerHour === null || $litresPerHour <= 0.0 ? null : $litresPerHour / $workingLitres;
    }

    public static function judge(
        ?float $litresPerHour,
        float $workingLitres,
        TurnoverSchool $school,
        UnitSystem $units,
    ): Finding {
        $perHour = self::perHour($litresPerHour, $workingLitres);
        if ($perHour === null) {
            return Finding::of(Severity::Remark, 'turnover-unknown', 'Filter flow not given',
                'Enter the flow through the filter, not the circulation in the display, to see the turnover.');
        }

        $times = number_format($perHour, 1);
        $low = $school->lowest();
        $high = $school->highest();
        $wanted = $school->wanted();

        return match (true) {
            $perHour <= Assumptions::freshwaterTurnover()->value => Finding::of(
                Severity::Caution,
                'turnover-freshwater',
                'Turnover far too low',
                "{$times} volumes an hour is a freshwater figure. {$wanted}",
                Assumptions::freshwaterTurnover(),
            ),
            $perHour < $low->value => Finding::of(
                Severity::Caution,
                'turnover-low',
                'Turnover low',
                "{$times} volumes an hour. {$wanted} That would be at least "
                    .$units->format($low->value * $workingLitres, Dimension::Flow, 0)
                    .' here.',
                $low,
            ),
            $perHour > $high->value => Finding::of(
                Severity::Caution,
                'turnover-high',
                'Turnover high',
                "{$times} volumes an hour. {$wanted} More only costs power and carries bubbles.",
                $high,
            ),
            default => Finding::of(
                Severity::Good,
                'turnover-fits',
                'Turnover fits',
                "{$times} volumes an hour. {$wanted}",
                $low,
            ),
        };
    }
}
