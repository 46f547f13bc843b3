<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Ithys\Quantity\UnitSystem;
use Tests\Support\TestClock;

// A fact has one home: every screen shows the same figure for it.

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->keeper = User::query()->sole());
    $this->at = '/systems/'.System::query()->oldest('id')->firstOrFail()->id;
    $this->props = fn (string $page): array => json_decode(
        (string) json_encode(
            $this->get($this->at.$page)
                ->assertOk()
                ->viewData('page')['props'],
        ),
        true,
    );
});

it('shows one flow, one sump and one heater on all screens', function (): void {
    $section = ($this->props)('/section');
    $water = ($this->props)('/path/water');
    $path = ($this->props)('/path');
    $frame = $section['frame'];
    $flow = $section['view']['flow']['litresPerHour'];
    $units = UnitSystem::Metric;
    expect($frame['flowLitresPerHour'])
        ->toBe($flow)
        ->and($path['draft']['review']['flowLitresPerHour'])
        ->toBe($flow)
        ->and($water['computed']['flow'])
        ->toBe($units->format($flow, Ithys\Quantity\Dimension::Flow, 0))
        ->and(array_column($water['view']['parts'], 'litres', 'code')['sump'])
        ->toBe($section['view']['states']['running']['litres'])
        ->and($water['view']['litres'])
        ->toBe($frame['workingLitres'])
        ->and($path['draft']['review']['workingLitres'])
        ->toBe($frame['workingLitres'])
        ->and($path['draft']['review']['items']['return']['computed']['givesUpLitres'])
        ->toBe($units->format($section['view']['water']['givesUpLitres'], Ithys\Quantity\Dimension::Volume));
    $faults = fn (array $findings): array => array_values(
        array_map(
            fn (array $finding): string => $finding['code'],
            array_filter($findings, fn (array $finding): bool => $finding['severity'] === 'fault'),
        ),
    );
    expect($faults($section['view']['findings']))
        ->toBe(['heater-dry'])
        ->and($faults($path['draft']['review']['findings']))
        ->toBe(['heater-uncovered'])
        ->and(array_column($frame['path']['stops'], 'severity', 'id')['heater'])
        ->toBe('fault');
});

it('is not silenced by a cover that is typed in the path', function (): void {
    $path = ($this->props)('/path');
    $typed = $path['draft']['typed'];
    foreach ($typed['lines'][0]['items'] as $i => $item) {
        if ($item['id'] === 'heater') {
            $typed['lines'][0]['items'][$i]['figures']['coverMm'] = '5';
        }
    }
    $review = $this->postJson("{$this->at}/path/preview", ['path' => $typed])->assertOk()->json('view');
    expect(array_column($review['findings'], 'code'))->toContain('heater-uncovered');
});

it('marks on the water line what only the drawn sump finds', function (): void {
    $system = System::query()->oldest('id')->firstOrFail();
    $document = [...$system->section->document, 'fallMm' => 200.0];
    $system->sumpRevisions()->create(['in_force_from' => now()->subDay(), 'document' => $document]);
    $stops = array_column(($this->props)('/journal')['frame']['path']['stops'], 'severity', 'id');
    expect($stops['return'])->toBe('fault');
});

it('counts a sump from the day it is put in force, and leaves earlier verdicts alone', function (): void {
    $system = System::query()->oldest('id')->firstOrFail();
    $before = TestClock::now('-60 days');
    $litres = $system->workingLitresAt($before);
    $typed = ($this->props)('/section')['typed'];
    $this->put("{$this->at}/section", [
        'section' => [...$typed, 'returnLevelMm' => '200'],
        'version' => 1,
    ])->assertSessionHasNoErrors();
    expect(System::query()->oldest('id')->firstOrFail()->workingLitresAt(now()))->toBe($litres);
    $since = TestClock::now('-10 days', $this->keeper->zone())->format('Y-m-d');
    foreach (range(1, 3) as $press) {
        $this->post("{$this->at}/section/in-force", ['since' => $since])->assertSessionHasNoErrors();
    }
    $now = System::query()->oldest('id')->firstOrFail();
    expect($now->sumpRevisions()->count())->toBe(2)
        ->and($now->workingLitresAt(now()))->toBeGreaterThan($litres + 2)
        ->and($now->workingLitresAt($before))->toBe($litres)
        ->and($now->changedOn())->toHaveCount(1);
    // Taken back, it is as before; and put back.
    $undo = session('flash')['undo'];
    $this->post($undo)->assertRedirect();
    expect(System::query()->oldest('id')->firstOrFail()->workingLitresAt(now()))->toBe($litres);
    $binned = array_values(
        array_filter(($this->props)('/bin')['others'], fn (array $one): bool => $one['text'] === 'In force: the sump'),
    );
    expect($binned)->toHaveCount(1);
    $this->post($binned[0]['restore'])->assertRedirect();
    expect(System::query()->oldest('id')->firstOrFail()->workingLitresAt(now()))->toBeGreaterThan($litres + 2);
});

it('puts no sump in force from no day or one to come', function (string $since): void {
    $this->post("{$this->at}/section/in-force", ['since' => $since])->assertSessionHasErrors('since');
    expect(System::query()->oldest('id')->firstOrFail()->sumpRevisions()->count())->toBe(1);
})->with(['', 'soon', '2026-02-30', now()->addYear()->format('Y-m-d')]);
