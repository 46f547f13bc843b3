<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** Days on which calendars differ: ends of months and years, a leap day, both changes of the clock in Europe. */
it('passes the tests of pages and screens on another day', function (string $day): void {
    $run = new Process(
        [dirname(__DIR__, 2).'/vendor/bin/pest', '--testsuite=Http,Browser', '--compact'],
        dirname(__DIR__, 2),
        ['ITHYS_TODAY' => $day],
        timeout: null,
    );
    $run->run();
    expect($run->getExitCode())->toBe(0, $run->getOutput());
})->with([
    // A water change of the demo falls on a 24th, whose figure a search finds too.
    '2026-11-30',
    '2026-12-31',
    '2027-02-10',
    '2027-02-28',
    '2027-03-28',
    '2027-10-31',
    '2028-02-29',
    '2028-07-01',
]);
