<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\Alarm\Alert;
use Ithys\Effect\Alarm\Watch;
use Ithys\History\OffSince;
use Tests\Support\Logged;

/**
 * What is off so many days after the log begins.
 *
 * @param  list<array{float|int, string}>  $lines
 * @return list<string>
 */
function offAt(array $lines, float $day): array
{
    $now = (new DateTimeImmutable(Logged::START))->modify(sprintf('+%d minutes', (int) round(1440 * $day)));

    return array_map(
        fn (OffSince $one): string => said($one->says($now)),
        OffSince::all(Logged::entries($lines), $now),
    );
}

it('tells what is off and since when, by the last word on each device', function (): void {
    $lines = [[1, 'skimmer off'], [2, 'uv off'], [5, 'skimmer on'], [6, 'heater on']];
    expect(offAt($lines, 3.5))->toHaveCount(2)
        ->and(offAt($lines, 3.5)[0])->toStartWith('Skimmer: off since')->toEndWith('2 days')
        ->and(offAt($lines, 5.5))->toHaveCount(1)
        ->and(offAt($lines, 5.5)[0])->toStartWith('UV: off since')
        ->and(offAt([], 5))->toBe([]);
});

it('closes a time off when it is over, and leaves what was off before it as it was', function (): void {
    expect(offAt([[1, 'skimmer off 3 h']], 1.05)[0])->toStartWith('Skimmer: off until')
        ->and(offAt([[1, 'skimmer off 3 h']], 1.2))->toBe([])
        ->and(offAt([[0.5, 'skimmer off'], [1, 'skimmer off 3 h']], 1.2)[0])->toStartWith('Skimmer: off since');
});

it('asks after a pause until somebody says that the device is on, or pauses it again', function (): void {
    $pause = [[1, 'feeding pause']];
    expect(offAt($pause, 1.01)[0])->toStartWith('Skimmer: off until')
        ->and(offAt($pause, 1.1)[0])->toEndWith('Check that it is back on.')
        ->and(offAt($pause, 20)[0])->toEndWith('Check that it is back on.')
        ->and(offAt([...$pause, [1.03, 'skimmer on']], 1.1))->toBe([])
        ->and(offAt([...$pause, [1.4, 'skimmer pause 20 min']], 1.405)[0])->toStartWith('Skimmer: off until')
        ->and(offAt([[1, 'return pump pause 10 min']], 2)[0])->toStartWith('Return pump: the pause');
});

it('alerts when a pause is over and nobody said that it ended, not while it goes on', function (): void {
    $alerts = fn (array $lines, float $day): array => array_map(
        fn (Alert $one): string => $one->key,
        Watch::over(
            Logged::entries($lines),
            (new DateTimeImmutable(Logged::START))->modify(sprintf('+%d minutes', (int) round(1440 * $day))),
            Assumptions::standard(),
        ),
    );
    expect($alerts([[1, 'feeding pause']], 1.02))->toBe([])
        ->and($alerts([[1, 'feeding pause']], 1.1))->toBe(['pause skimmer'])
        ->and($alerts([[1, 'feeding pause'], [1.03, 'skimmer on']], 1.1))->toBe([])
        ->and($alerts([[1, 'skimmer off 3 h']], 1.5))->toBe([])
        ->and($alerts([[1, 'skimmer off']], 9))->toBe(['skimmer']);
});
