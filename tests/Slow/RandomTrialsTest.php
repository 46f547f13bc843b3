<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

uses(TestCase::class, RefreshDatabase::class);

const CELLS = [
    '8', '8.5', '0', '<0.5', '12 cloudy', 'missing: it leaked', 'died', 'green', '', '-3', '9000', '8,5', '?',
];

it('answers random trials without a fault, says one thing on all pages, and keeps the arms of a blind one', function (
    int $seed,
): void {
    $random = new Randomizer(new Mt19937($seed));
    $one = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $this->travelTo('2026-03-01 18:00:00');
    $this->actingAs($keeper = User::factory()->create());
    $tanks = [System::factory()->ownedBy($keeper)->create(), System::factory()->ownedBy($keeper)->create()];
    $at = "/systems/{$tanks[0]->id}/trials";
    $send = fn (string $method, string $path, array $with = []) => tap(
        $this->json($method, $path, $with),
        fn ($answer) => expect($answer->getStatusCode())->toBeLessThan(500),
    );
    for ($n = 0; $n < 6; $n++) {
        $reads = array_map(fn (string $key): array => [
            'parameter' => $key, 'kit' => '', 'step' => $one(['0.5', '0.01', '5']),
            'scatter' => $one(['1', '0.02', '30']),
        ], $random->pickArrayKeys(array_flip(['no3', 'po4', 'nh4', 'alk']), $random->getInt(1, 3)));
        $send('POST', $at, $one([true, true, false]) ? [
            'question' => 'Do the stones lower it?', 'control' => 'gravel', 'feed' => 'pellets', 'reads' => $reads,
            'arms' => array_slice(['gravel', 'stones', '=rubble', 'blocks'], 0, $random->getInt(2, 4)),
            'units' => (string) $random->getInt(1, 4), 'litres' => '5', 'cyclingWeeks' => '0',
            'isBlind' => $one([true, false]),
            'weeks' => (string) $random->getInt(1, 6), 'every' => (string) $random->getInt(1, 14),
        ] : [
            'question' => 'Does the light lower it?', 'change' => 'the light',
            'form' => $one(['switched', 'paired', 'before']),
            'parameter' => $one(['no3', 'po4']), 'phaseDays' => $one(['28', '14', '42']), 'periods' => $one(['4', '6']),
            'washoutDays' => $one(['0', '3']), 'every' => $one(['2', '4', '7']), 'other' => (string) $tanks[1]->id,
        ]);
    }
    for ($step = 0; $step < 60; $step++) {
        $this->travel($random->getInt(0, 60))->hours();
        $trial = Trial::query()->inRandomOrder($seed + $step)->first();
        if ($trial === null) {
            return;
        }
        $here = "{$at}/{$trial->id}";
        $day = (string) $random->getInt(-1, 40);
        $units = array_map(fn (int $unit): string => "U{$unit}", range(1, 9));
        match ($random->getInt(0, 9)) {
            0 => $send('POST', "{$here}/start"),
            1, 2 => $send('PUT', "{$here}/readings", ['cells' => array_combine(
                array_map(fn (string $unit): string => $one(['no3', 'po4', 'alk', '']).' '.$unit.' '.$day, $units),
                array_map(fn (): string => $one(CELLS), $units),
            )]),
            3 => $send('POST', "{$here}/table", [
                'table' => "day,U1,U2,U3\n{$day},".implode(',', [$one(CELLS), $one(CELLS), '7']),
            ]),
            4 => $send('POST', str_replace('trials', 'journal', $at), [
                'line' => "trial stones no3 U1 {$one(CELLS)} U2 {$one(CELLS)}",
            ]),
            5 => $send('POST', "{$here}/amendments", ['text' => 'more', 'nitrogen' => $one(['', '1', 'x', '-1'])]),
            6 => $send('POST', "{$here}/switches/{$one([0, 14, 28, 42, 5])}", ['day' => now()->format('Y-m-d')]),
            7 => $send('POST', '/systems/'.$one($tanks)->id.'/journal', ['line' => $one([
                'no3 8.5', 'no3 7', 'po4 0.05', 'water change 30 l', 'light 8 h', 'light 10 h', 'skimmer off',
            ])]),
            8 => $send('PUT', "{$here}/change", ['entry' => $random->getInt(1, 40)]),
            9 => $random->getInt(0, 4) === 0
                ? $send('POST', "{$here}/end")
                : $send('PUT', "{$here}/lessons", ['text' => "a\nb"]),
        };
        $trial->refresh();
        $page = $this->get($here)->assertOk()->inertiaProps('trial');
        $listed = array_column($this->get($at)->assertOk()->inertiaProps('trials')['list'], 'says', 'id');
        $says = trim($page['headline'].' '.implode(' ', $page['details'] ?? []));
        expect($trial->started === null ? $says : $listed[$trial->id])->toBe($trial->started === null ? '' : $says);
        foreach (['trial.json', 'readings.csv', 'report.svg'] as $file) {
            $answer = $this->get("{$here}/{$file}");
            expect($answer->getStatusCode())->toBeLessThan(500);
            if ($page['isBlind'] ?? false) {
                $text = $file === 'readings.csv' ? $answer->streamedContent() : (string) $answer->getContent();
                expect(json_decode($text, true)['run'] ?? null)->toBeNull()
                    ->and($file === 'readings.csv' ? $text : '')->not->toContain('stones');
            }
        }
        if ($page['isBlind'] ?? false) {
            expect(array_filter(array_column($page['units'], 'arm'), is_int(...)))->toBe([]);
        }
        $this->get(str_replace('trials', 'care', $at))->assertOk();
    }
})->with(range(1, 12));
