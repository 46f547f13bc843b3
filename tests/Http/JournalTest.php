<?php

declare(strict_types=1);

use App\Http\Middleware\PagesKeepSession;
use App\Http\Middleware\ReadOnlySession;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\Request;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->path = "/systems/{$this->system->id}/journal";
});

it('says back what a line was understood to mean, and saves nothing', function (): void {
    $this->postJson("{$this->path}/understand", ['line' => 'no3 8.5 phosphte 1'])->assertOk()
        ->assertJsonPath('chips.0.text', 'nitrate 8.5 ppm')
        ->assertJsonPath('problems.0.start', 8)
        ->assertJsonPath('mayBeSaved', false);
    $this->postJson("{$this->path}/understand", ['line' => ['no3']])->assertOk()->assertJsonPath('mayBeSaved', false);
    expect(JournalEntry::query()->count())->toBe(0);
});

it('logs a line as entries in UTC that are undone together', function (): void {
    $this->post($this->path, ['line' => 'no3 8.5 po4 0.06 2026-07-04 20:15'])->assertRedirect();
    $entries = JournalEntry::query()->get();
    expect($entries)->toHaveCount(2)
        ->and($entries[0]->occurred_at->format('Y-m-d H:i'))->toBe('2026-07-04 18:15')
        ->and($entries[0]->batch)->toBe($entries[1]->batch);
    $undo = session('flash')['undo'];
    $this->post($undo)->assertRedirect();
    expect(JournalEntry::query()->count())->toBe(0)->and(JournalEntry::onlyTrashed()->count())->toBe(2);
    $this->post(session('flash')['undo'])->assertRedirect();
    expect(JournalEntry::query()->count())->toBe(2);
});

it('reads previews on a session it cannot write, so that the undo of a log beside them is not lost', function (): void {
    $handler = new ArraySessionHandler(60);
    $session = new Store('ithys', $handler);
    $session->start();
    $session->put('flash', 'kept');
    $session->save();
    $request = Request::create('/');
    $request->setLaravelSession($session);
    (new ReadOnlySession)->handle($request, function () use ($session): Response {
        $session->put('flash', 'overwritten by a preview');

        return new Response;
    });
    $session->save();
    expect($handler->read($session->getId()))->toContain('kept')->not->toContain('overwritten');
    foreach (['journal.understand', 'tank.preview'] as $name) {
        expect(Route::getRoutes()->getByName($name)?->gatherMiddleware())->toContain(ReadOnlySession::class);
    }
});

it('reads pictures and parts of a page on a session they cannot write', function (array $headers, bool $may): void {
    $handler = new ArraySessionHandler(60);
    $session = new Store('ithys', $handler);
    $session->start();
    $session->flash('errors', 'kept');
    $session->save();
    $session->start();
    $request = Request::create('/', server: ['HTTP_ACCEPT' => 'text/html', ...$headers]);
    $request->setLaravelSession($session);
    (new PagesKeepSession)->handle($request, fn (): Response => new Response);
    $session->save();
    // Saved once more, what was flashed is gone: only a page may do that.
    expect(str_contains($handler->read($session->getId()), 'kept'))->toBe(! $may);
})->with([
    'a page' => [[], true],
    'a page that the interface asks for' => [
        ['HTTP_ACCEPT' => 'text/html, application/xhtml+xml', 'HTTP_X_INERTIA' => 'true'], true,
    ],
    'a script' => [['HTTP_ACCEPT' => '*/*'], true],
    'the verdict that comes later' => [['HTTP_X_INERTIA' => 'true', 'HTTP_X_INERTIA_PARTIAL_DATA' => 'verdict'], false],
    'a photo' => [['HTTP_ACCEPT' => 'image/avif,image/webp,*/*;q=0.8'], false],
    'a script that wants JSON' => [['HTTP_ACCEPT' => 'application/json'], true],
]);

it('saves all of a line or nothing', function (): void {
    $this->post($this->path, ['line' => 'no3 8.5 xyzzy'])->assertSessionHasErrors('line');
    $this->post($this->path, ['line' => 'po4 0.06 2026-07-04 20:15']);
    $this->post($this->path, ['line' => 'no3 8.5 po4 0.06 2026-07-04 20:15'])
        ->assertSessionHasErrors(['line' => '“phosphate 0.06 ppm” at that minute is in the journal already.']);
    expect(JournalEntry::query()->count())->toBe(1);
});

it('shows the sheet with the verdict on the last phosphate charge', function (): void {
    $this->seed(DemoSeeder::class);
    $demo = System::query()->where('name', 'Stairwell reef')->sole();
    $this->actingAs($demo->members()->sole())
        ->get("/systems/{$demo->id}/journal")
        ->assertOk()
        ->assertInertia(
            fn ($page) => $page
                ->component('Journal/Show')
                ->has('sheet.readings', 64)
                ->where('view', 'sheet')
                // Nobody asked for it: the page does not wait for it, the first time.
                ->missing('verdict')
                ->loadDeferredProps(fn ($late) => $late
                    ->where('verdict.text', 'GFO 85 g, GFO reactor')
                    ->where('verdict.judgements.0.parameter', 'po4')
                    ->where('verdict.judgements.0.verdict', 'lower')
                    ->where('verdict.judgements.1.verdict', 'no difference shown')),
        );
    $this->get("/systems/{$demo->id}/journal")
        ->assertInertia(fn ($page) => $page->where('verdict.text', 'GFO 85 g, GFO reactor'));
    $carbon = $demo
        ->entries()
        ->where('kind', 'media')
        ->where('payload->medium', 'activated-carbon')
        ->sole();
    $this->get("/systems/{$demo->id}/journal?change={$carbon->id}&window=42&range=all&view=table")->assertInertia(
        fn ($page) => $page
            ->where('verdict.id', $carbon->id)
            ->where('verdict.judgements.0.verdict', 'no difference shown')
            ->where('view', 'table')
            ->where('verdict.judgements.1.verdict', 'cannot tell yet'));
});

it('makes the same demo every time', function (): void {
    $this->seed(DemoSeeder::class);
    $first = JournalEntry::query()
        ->orderBy('id')
        ->get()
        ->map(fn (JournalEntry $e): array => [$e->occurred_at->format('c'), $e->payload])
        ->all();
    $this->seed(DemoSeeder::class);
    expect(JournalEntry::query()->count())->toBe(count($first));
    System::query()->forceDelete();
    User::query()->delete();
    $this->seed(DemoSeeder::class);
    expect(
        JournalEntry::query()
            ->orderBy('id')
            ->get()
            ->map(fn (JournalEntry $e): array => [$e->occurred_at->format('c'), $e->payload])
            ->all(),
    )->toBe($first);
});

it('opens on an empty journal and shrugs off nonsense in the address', function (): void {
    $this->get("{$this->path}?range[]=x&change=abc&window=9&wanted=NaN&view[]=z")->assertOk()
        ->assertInertia(fn ($page) => $page->where('verdict', null)->where('range', '16w')->has('sheet.readings', 0));
});

it('does not judge a reading or another keeper\'s change', function (): void {
    $this->post($this->path, ['line' => 'no3 8.5']);
    $reading = JournalEntry::query()->sole();
    $this->get("{$this->path}?change={$reading->id}")->assertInertia(fn ($page) => $page->where('verdict', null));
    $other = System::factory()
        ->ownedBy(User::factory()->create())
        ->create();
    $foreign = $other
        ->entries()
        ->create([
            'batch' => str_repeat('x', 26),
            'kind' => 'skimmer',
            'occurred_at' => now(),
            'payload' => ['on' => true],
        ]);
    $this->get("{$this->path}?change={$foreign->id}")->assertInertia(fn ($page) => $page->where('verdict', null));
    $this->delete("{$this->path}/{$foreign->id}")->assertNotFound();
    expect($foreign->refresh()->deleted_at)->toBeNull();
});

it('asks the database a fixed number of times, however long the journal', function (): void {
    $count = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get($this->path)->assertOk();

        return count(DB::getQueryLog());
    };
    $this->post($this->path, ['line' => 'skimmer off yesterday'])->assertSessionHasNoErrors();
    $few = $count();
    foreach (range(1, 40) as $day) {
        $this->post($this->path, ['line' => "no3 {$day} {$day} days ago"]);
    }
    expect($count())->toBe($few)->toBeLessThan(28);
});
