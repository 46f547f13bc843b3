<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Support\Carbon;

/**
 * The moment that every test run starts at, whatever day it is outside: PHP, the servers that tests start, and
 * through them the browser, follow one clock that is so many seconds ahead of the machine's.
 */
final class TestClock
{
    private const START = '2026-11-25T12:00:00+00:00';

    /** The moment it is by that clock. */
    public static function now(string $change = 'now', ?DateTimeZone $zone = null): DateTimeImmutable
    {
        $now = new DateTimeImmutable(sprintf('%+d seconds', (int) getenv('ITHYS_CLOCK_AHEAD')));

        return $now->setTimezone($zone ?? new DateTimeZone('UTC'))->modify($change);
    }

    /** Sets the clock; ITHYS_TODAY=2028-02-29 starts the run at noon UTC of that day. */
    public static function set(): void
    {
        $day = getenv('ITHYS_TODAY');
        $start = new DateTimeImmutable(is_string($day) && $day !== '' ? "{$day}T12:00:00+00:00" : self::START);
        $ahead = $start->getTimestamp() - (new DateTimeImmutable)->getTimestamp();
        putenv("ITHYS_CLOCK_AHEAD={$ahead}");
        $_ENV['ITHYS_CLOCK_AHEAD'] = $_SERVER['ITHYS_CLOCK_AHEAD'] = (string) $ahead;
        // For what is computed before the application is there, such as data sets.
        Carbon::setTestNow(static fn (DateTimeInterface $now): Carbon => Carbon::instance($now)->addSeconds($ahead));
    }
}
