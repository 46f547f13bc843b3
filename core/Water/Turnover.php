<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** How often an hour the filter passes the whole working volume, judged by the keeper's school. */
final class Turnover
{
    /** Volumes an hour; null while no flow is given. */
    public static function perHour(?float $litresPerHour, float $workingLitres): ?float
    {
        return $litresPerHour === null || $litresPerHour <= 0.0 ? null : $litresPerHour / $workingLitres;
    }

    /** @param  Tank  $tank  with the flow through its filter */
    public static function judge(Tank $tank, float $workingLitres): Finding
    {
        $perHour = self::perHour($tank->filterLitresPerHour, $workingLitres);
        if ($perHour === null) {
            return Finding::of(Severity::Remark, 'turnover-unknown', 'Filter flow not given',
                'Enter the flow through the filter, not the circulation in the display, to see the turnover.');
        }

        $freshwater = $tank->assumptions->of(Assumed::TurnoverFreshwater);
        $low = $tank->school->lowest($tank->assumptions);
        $high = $tank->school->highest($tank->assumptions);
        $wanted = $tank->school->wanted($tank->assumptions);
        $times = self::times($perHour, $freshwater->value, $low->value, $high->value);

        return match (true) {
            $perHour <= $freshwater->value => Finding::of(
                Severity::Caution,
                'turnover-freshwater',
                'Turnover far too low',
                Text::of('{times} volumes an hour is a freshwater figure. {wanted}', times: $times, wanted: $wanted),
                $freshwater,
            ),
            $perHour < $low->value => Finding::of(
                Severity::Caution,
                'turnover-low',
                'Turnover low',
                Text::of(
                    '{times} volumes an hour. {wanted} That would be at least {low} here.',
                    times: $times,
                    wanted: $wanted,
                    low: Quantity::perHour($low->value * $workingLitres),
                ),
                $low,
            ),
            $perHour > $high->value => Finding::of(
                Severity::Caution,
                'turnover-high',
                'Turnover high',
                Text::of(
                    '{times} volumes an hour. {wanted} More only costs power and, in open chambers, carries bubbles.',
                    times: $times,
                    wanted: $wanted,
                ),
                $high,
            ),
            default => Finding::of(
                Severity::Good,
                'turnover-fits',
                'Turnover fits',
                Text::of('{times} volumes an hour. {wanted}', times: $times, wanted: $wanted),
                $low,
            ),
        };
    }

    /** The turnover to the digit that decides: just beside a limit, two. */
    private static function times(float $perHour, float ...$limits): Text
    {
        foreach ($limits as $limit) {
            if ($perHour !== $limit && round($perHour, 1) === round($limit, 1)) {
                return Text::of(
                    $perHour < $limit ? '{times}, just under {limit}' : '{times}, just over {limit}',
                    times: Quantity::number($perHour, abs($perHour - $limit) < 0.01 ? 3 : 2),
                    limit: Quantity::number($limit),
                );
            }
        }

        return Text::of('{times}', times: Quantity::number($perHour, 1));
    }
}
