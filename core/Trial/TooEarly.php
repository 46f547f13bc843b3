<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Text;

/** Why a trial is not judged before its last day. */
final class TooEarly
{
    /**
     * @param  int  $last  day of the trial
     * @param  int  $today  day of the trial; the day it ended where it has
     */
    public static function says(int $last, int $today, bool $hasEnded): Text
    {
        return Text::of(
            $hasEnded
                ? 'It ended on day {today}, before its last day {last}, so it is not judged.'
                : 'It is judged after day {last}, as planned; today is day {today}. Looking early would make chance '
                    .'look like an effect.',
            today: max(0, $today),
            last: $last,
        );
    }
}
