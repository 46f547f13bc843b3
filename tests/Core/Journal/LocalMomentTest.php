<?php

declare(strict_types=1);

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\QuickEntry\Understood;
use Ithys\Quantity\UnitSystem;

// Clock changes are those of the IANA time zone database, which PHP carries.

/** What the one-line log makes of a time in Berlin, on 26 October 2026. */
function inBerlin(string $line): Understood
{
    return QuickEntry::read(
        $line,
        new Context(
            new DateTimeImmutable('2026-10-26 09:00', new DateTimeZone('Europe/Berlin')),
            UnitSystem::Metric,
            300,
        ),
    );
}

it('asks which of two times is meant when the clocks went back', function (): void {
    $asked = inBerlin('no3 8 2026-10-25 02:30');
    expect($asked->mayBeSaved())
        ->toBeFalse()
        ->and($asked->problems[0]->sentence)
        ->toBe(
            '02:30 came twice on 25 October 2026, when the clocks went back. Write 02:30+02:00 for the first or '
                .'02:30+01:00 for the second.',
        )
        ->and($asked->problems[0]->start)
        ->toBe(6);
    foreach (['02:30+02:00' => '00:30', '02:30+01:00' => '01:30'] as $time => $utc) {
        $entries = inBerlin("no3 8 2026-10-25 {$time}")->entries;
        expect($entries[0]->at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i'))->toBe("2026-10-25 {$utc}")
            ->and($entries[0]->at->format('H:i'))->toBe('02:30');
    }
    expect(inBerlin('no3 8 2026-10-25 01:59')->mayBeSaved())->toBeTrue()
        ->and(inBerlin('no3 8 2026-10-25 03:00')->mayBeSaved())->toBeTrue();
});

it('refuses a time that the clocks left out', function (): void {
    expect(inBerlin('no3 8 2026-03-29 02:30')->problems[0]->sentence)
        ->toStartWith('02:30 did not exist on 29 March 2026')
        ->and(inBerlin('no3 8 2026-03-29 03:00')->entries[0]->at->format('c'))
        ->toBe('2026-03-29T03:00:00+02:00')
        ->and(inBerlin('no3 8 2026-03-29')->entries[0]->at->format('c'))
        ->toBe('2026-03-29T12:00:00+02:00');
});

it('counts hours back over the change of the clocks', function (): void {
    $now = new DateTimeImmutable('2026-10-25 03:10', new DateTimeZone('Europe/Berlin'));
    $entry = QuickEntry::read('no3 8 1 hour ago', new Context($now, UnitSystem::Metric, 300))->entries[0];
    expect($now->getTimestamp() - $entry->at->getTimestamp())->toBe(3600);
});

it('takes no year in which nobody kept a reef tank', function (string $line, string $sentence): void {
    $understood = inBerlin($line);
    expect($understood->mayBeSaved())->toBeFalse()->and($understood->problems[0]->sentence)->toContain($sentence);
})->with([
    ['no3 7 0206-03-04', '“0206-03-04” is before 1970'],
    ['no3 7 1826-03-04 20:00', 'is before 1970'],
    ['no3 7 9000 weeks ago', 'is before 1970'],
    ['no3 7 2026-03-04 20:00+99:00', 'is not a time of day'],
]);

it('reads a day of the calendar and nothing else', function (string $text): void {
    LocalMoment::day($text, new DateTimeZone('America/Santiago'));
})
    ->with(['', '2026-02-30', "2026-03-04\0", '2026-3-4', '1969-12-31', '20260304', '+2026-03-04', "2026-03-04\n"])
    ->throws(InvalidEntry::class);

it('begins a day at its first moment, also where midnight is left out', function (): void {
    // On 6 September 2026 the clocks in Santiago go from 24:00 to 01:00.
    expect(LocalMoment::day('2026-09-06', new DateTimeZone('America/Santiago'))->format('c'))
        ->toBe('2026-09-06T01:00:00-03:00')
        ->and(LocalMoment::day('2026-03-04', new DateTimeZone('UTC'))->format('c'))
        ->toBe('2026-03-04T00:00:00+00:00');
});
