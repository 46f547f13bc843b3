<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeImmutable;
use DateTimeZone;

/** Days of a calendar as whole numbers, so that a change of the clock moves none of them. */
final class CalendarDay
{
    private const SECONDS = 86_400;

    /** Days since 1 January 1970 by the calendar there. */
    public static function of(DateTimeImmutable $moment, DateTimeZone $zone): int
    {
        return (int) floor(($moment->getTimestamp() + $zone->getOffset($moment)) / self::SECONDS);
    }

    /** The same day as a date, at midnight UTC. */
    public static function midnight(int $day): DateTimeImmutable
    {
        return (new DateTimeImmutable('@0'))->setTimestamp($day * self::SECONDS);
    }

    /** "Mon 30 Nov" */
    public static function written(int $day): string
    {
        return self::midnight($day)->format('D j M');
    }
}
