<?php

declare(strict_types=1);

use Tests\Support\Temporary;

it('runs a scenario file from the command line', function (): void {
    $this->artisan('model:run', ['file' => base_path('tests/Reference/ledger/01-sock-linear.json')])
        ->expectsOutputToContain('"scenario":"01-sock-linear"')
        ->assertSuccessful();
});

it('says what is wrong with a scenario', function (array $changed, string $sentence): void {
    $file = Temporary::path('scenario');
    $scenario = ['days' => 3, 'tank' => ['litres' => 40], 'start' => ['no3' => 1, 'po4' => 0], 'entries' => []];
    file_put_contents($file, json_encode([...$scenario, ...$changed]));
    $this->artisan('model:run', ['file' => $file])->expectsOutputToContain($sentence)->assertFailed();
    unlink($file);
})->with([
    [['tank' => ['litres' => -4]], 'tank.litres: The working volume must be a number from 0.1 to 1000000.'],
    [['entries' => [['at' => 1, 'do' => 'dance']]], 'entries.0.do: “dance” is not known here.'],
    [
        ['entries' => [['at' => 1, 'do' => 'change', 'stage' => 'sock']]],
        'No stage called “sock” is in place then.',
    ],
    [
        ['entries' => [['at' => 0, 'do' => 'feed', 'food' => 'pellet', 'grams' => -2]]],
        'entries.0.grams: “grams” must be a number from 0 to 1000000.',
    ],
    [['entries' => [['at' => 0, 'do' => 'feed', 'food' => 'soup', 'grams' => 2]]], '“soup” is not known here.'],
    [['start' => ['no3' => 1]], 'start.po4: Phosphate at the start is needed.'],
    [['parameters' => ['magic' => 1]], 'There is no parameter called “magic”.'],
    [['parameters' => ['foods' => ['pellet' => [1, 2]]]], '“pellet” needs 3 figures, none below nought.'],
]);

it('says that there is no such file, or no JSON in it', function (): void {
    $file = Temporary::path('scenario');
    file_put_contents($file, 'tank');
    $this->artisan('model:run', ['file' => $file])->expectsOutputToContain('is no JSON object.')->assertFailed();
    unlink($file);
    $this->artisan('model:run', ['file' => $file])->expectsOutputToContain('There is no file')->assertFailed();
});
