<?php

declare(strict_types=1);

use App\Journal\Journal;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create(['timezone' => 'Europe/Berlin', 'name' => 'Ada']));
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $at = new DateTimeImmutable('2026-03-04 20:15:27', new DateTimeZone('Europe/Berlin'));
    (new Journal($this->system))->record([
        // Read in ppb of phosphorus: as ppm of phosphate it has no short figure.
        new Entry($at, Reading::of(Parameter::Phosphate, 0.018, Basis::Element, 0.001, method: 'meter')),
        new Entry($at, WaterChange::of(40)),
    ], $this->keeper);
    [$this->reading, $this->change] = JournalEntry::query()->orderBy('id')->get()->all();
    $this->at = fn (JournalEntry $entry): string => "/systems/{$this->system->id}/journal/{$entry->id}";
    $this->open = fn (JournalEntry $entry): array => (array) $this->getJson(($this->at)($entry))->assertOk()->json();
    $this->correct = fn (JournalEntry $entry, array $change): TestResponse => $this->put(
        ($this->at)($entry),
        [...($this->open)($entry), ...$change],
    );
});

it('opens an entry as it can be corrected', function (): void {
    expect(($this->open)($this->reading))->toBe([
        'line' => 'po4-p 0.018 ppm kit “meter”',
        'day' => '2026-03-04',
        'time' => '20:15',
        'note' => '',
        'version' => 0,
        'history' => [],
    ]);
});

it('corrects what, when and note, and keeps what was there before', function (): void {
    ($this->correct)($this->reading, [
        'line' => 'po4-p 0.020 ppm kit “meter”',
        'day' => '2026-03-05',
        'time' => '08:00',
        'note' => 'read again',
    ])->assertSessionHasNoErrors();
    $now = $this->reading->refresh();
    expect($now->occurred_at->format('Y-m-d H:i'))->toBe('2026-03-05 07:00')
        ->and($now->payload['value'])->toAgreeWith(0.020 * 94.969761998 / 30.973761998, 1e-9)
        ->and($now->payload['method'])->toBe('meter')
        ->and($now->note)->toBe('read again');
    $opened = ($this->open)($now);
    expect($opened['version'])->toBe(1)
        ->and($opened['history'])->toHaveCount(1)
        ->and($opened['history'][0])
        ->toMatchArray([
            'by' => 'Ada',
            'was' => 'phosphate 0.055 ppm, meter',
            'line' => 'po4-p 0.018 ppm kit “meter”',
            'day' => '2026-03-04',
            'time' => '20:15',
        ]);
    // Back again, by what the history offers.
    ($this->correct)($now, array_intersect_key($opened['history'][0], array_flip(['line', 'day', 'time', 'note'])))
        ->assertSessionHasNoErrors();
    expect($this->reading->refresh()->payload['value'])->toAgreeWith(0.018 * 94.969761998 / 30.973761998, 1e-9)
        ->and(($this->open)($now)['history'])->toHaveCount(2);
});

it('leaves what is not touched as exact as it was', function (): void {
    $before = DB::table('entries')->where('id', $this->reading->id)->first(['payload', 'occurred_at', 'fingerprint']);
    ($this->correct)($this->reading, ['note' => 'only this'])->assertSessionHasNoErrors();
    expect(DB::table('entries')->where('id', $this->reading->id)->first(['payload', 'occurred_at', 'fingerprint']))
        ->toEqual($before)
        ->and($this->reading->refresh()->note)->toBe('only this');
});

it('makes of a slip what it was', function (): void {
    ($this->correct)($this->change, ['line' => 'sock changed'])->assertSessionHasNoErrors();
    expect($this->change->refresh()->kind)->toBe('sock')
        ->and(($this->open)($this->change)['history'][0]['was'])->toBe('Water change 40 L');
});

it('refuses what cannot be, in a sentence, and changes nothing', function (array $change, string $says): void {
    ($this->correct)($this->reading, $change)->assertSessionHasErrors();
    expect(implode(' ', session('errors')->all()))->toContain($says)
        ->and(DB::table('entry_revisions')->count())->toBe(0)
        ->and($this->reading->refresh()->payload['method'])->toBe('meter');
})->with([
    'no entry' => [['line' => ''], 'Say what was read or done'],
    'words' => [['line' => 'po4 high'], 'Say how much'],
    'two entries' => [['line' => 'po4 0.05 and sock changed'], 'One entry is corrected to one entry'],
    'a day twice' => [['line' => 'po4 0.05 yesterday'], 'twice'],
    'a day to come' => [['day' => '2031-01-01'], 'in the future'],
    'no day' => [['day' => '2026-02-30'], 'no day'],
    'a slip' => [['line' => 'po4 6'], 'is not what tanks have'],
    'an endless note' => [['note' => str_repeat('n', 501)], 'at most 500'],
]);

it('tells the second of two windows', function (): void {
    $opened = ($this->open)($this->reading);
    ($this->correct)($this->reading, ['note' => 'first'])->assertSessionHasNoErrors();
    $this->put(($this->at)($this->reading), [...$opened, 'note' => 'second'])->assertSessionHasErrors('line');
    expect(session('errors')->first('line'))->toContain('another window')
        ->and($this->reading->refresh()->note)->toBe('first');
});

it('does not make of two readings the same one', function (): void {
    $other = Reading::of(Parameter::Phosphate, 0.05, step: 0.01, method: 'meter');
    (new Journal($this->system))->record([
        new Entry(new DateTimeImmutable('2026-03-04 19:15:27Z'), $other),
    ], $this->keeper);
    ($this->correct)($this->reading, ['line' => 'po4 0.05 kit meter'])->assertSessionHasErrors('line');
    expect(session('errors')->first('line'))->toContain('in the journal already');
});

it('opens no entry by the address of another tank', function (): void {
    $foreign = System::factory()->ownedBy($this->keeper)->create();
    $this->getJson("/systems/{$foreign->id}/journal/{$this->reading->id}")->assertNotFound();
});
