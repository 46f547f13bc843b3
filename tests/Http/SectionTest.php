<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSection;
use Ithys\Sump\SumpDesign;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Sketch;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->system->revisions()->update([
        'document' => (new Tank(
            Display::box(1000, 500, 500, 30),
            new BesideDisplay(40, 5),
            new Ground(0, 0),
            new Conditions(35, 25),
            1800,
            TurnoverSchool::Moderate,
        ))->toArray(),
    ]);
    $this->at = "/systems/{$this->system->id}/section";
    $this->typed = fn (): array => json_decode(
        (string) json_encode($this->get($this->at)->viewData('page')['props']['typed']),
        true,
    );
});

it('starts from a sump, not saved yet', function (): void {
    $this->get($this->at)->assertInertia(fn ($page) => $page->component('Section/Show')
        ->where('saved', false)->where('version', 0)
        ->where('typed.lengthMm', '760')
        ->where('choices.length.unit', 'mm')
        ->has('view.chambers', 4)
        ->has('view.states.running.levels', 4)
        ->where('view.flow.litresPerHour', 1800)
        ->where('view.flow.isReckoned', false));
});

it('shows it in inches where US units are chosen', function (): void {
    $this->put('/settings/units', ['units' => 'us']);
    $this->get($this->at)->assertInertia(
        fn ($page) => $page->where('typed.lengthMm', '29 15/16')->where('choices.length.unit', 'in'),
    );
    $this->put($this->at, ['section' => ($this->typed)(), 'version' => 0])->assertSessionHasNoErrors();
    expect($this->system->refresh()->section?->design()->vessel->lengthMm)->toAgreeWith(29.9375 * 25.4, 1e-9);
});

it('answers an edit without saving it', function (): void {
    $typed = ($this->typed)();
    $typed['baffles'][0]['topMm'] = '300';
    $answer = $this->postJson("{$this->at}/preview", ['section' => $typed])->assertOk();
    expect($answer->json('view.states.running.levels.0'))->toBeGreaterThan(300.0)
        ->and($answer->json('problems'))->toBe([])
        ->and($this->system->refresh()->section)->toBeNull();
});

it('answers what cannot be read, and saves nothing of it', function (string $key, string $text, string $words): void {
    $typed = [...($this->typed)(), $key => $text];
    expect($this->postJson("{$this->at}/preview", ['section' => $typed])->json("problems.{$key}"))->toContain($words);
    $this->put($this->at, ['section' => $typed, 'version' => 0])->assertSessionHasErrors($key);
    expect($this->system->refresh()->section)->toBeNull();
})->with([
    ['lengthMm', '0', 'between 100 mm'],
    ['lengthMm', '50 m', 'between 100 mm'],
    ['heightMm', 'tall', 'not a number'],
    ['boxLitres', '2 gal', 'imperial'],
]);

it('saves, and does not let two windows overwrite each other', function (): void {
    $typed = ($this->typed)();
    $this->put($this->at, ['section' => $typed, 'version' => 0])->assertSessionHasNoErrors();
    expect($this->system->refresh()->section?->design())->toEqual(SumpDesign::start());
    $this->put($this->at, ['section' => $typed, 'version' => 0])->assertSessionHasErrors('section');
    $this->put($this->at, ['section' => [...$typed, 'widthMm' => '300'], 'version' => 1])->assertSessionHasNoErrors();
    $this->put($this->at, ['section' => [...$typed, 'widthMm' => '280'], 'version' => 1])->assertSessionHasErrors(
        'section',
    );
    expect($this->system->refresh()->section?->design()->vessel->widthMm)->toBe(300.0);
});

it('keeps a draft with findings, however grave', function (): void {
    $typed = ($this->typed)();
    $typed['baffles'][0]['atMm'] = '755';
    $typed['baffles'][0]['topMm'] = '500';
    $this->put($this->at, ['section' => $typed, 'version' => 0])->assertSessionHasNoErrors();
    $this->get($this->at)->assertInertia(fn ($page) => $page->where('view.findings.0.severity', 'fault'));
});

it('turns a design into a form that reads back as the same', function (): void {
    $document = Database\Seeders\DemoSection::document();
    $this->system->section()->create(['document' => $document]);
    $this->put($this->at, ['section' => ($this->typed)(), 'version' => 1])->assertSessionHasNoErrors();
    expect($this->system->refresh()->section?->document)->toEqual(json_decode((string) json_encode($document), true));
});

it('hands out the cut sheet of the saved sump as SVG and DXF', function (): void {
    $this->get("{$this->at}/cuts.dxf")->assertNotFound();
    $this->put($this->at, ['section' => ($this->typed)(), 'version' => 0]);
    $this->get("{$this->at}/cuts.dxf")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/vnd.dxf')
        ->assertHeader('Content-Disposition', 'attachment; filename="test-tank-cuts.dxf"');
    expect(
        $this->get("{$this->at}/cuts.svg")
            ->assertOk()
            ->getContent(),
    )->toContain('1. Weir baffle');
    $this->get("{$this->at}/cuts.pdf")->assertNotFound();
    $this->get("{$this->at}/sheet")->assertInertia(
        fn ($page) => $page->where('view.cuts.panels.0.widthMm', 347)->where('view.cuts.panels.0.outsideMm', 426),
    );
    // The design does not carry the sheet that only its own page shows.
    $this->get($this->at)->assertInertia(fn ($page) => $page->where('view.cuts', null));
});

it('shows the same sump on its cut sheet', function (): void {
    $this->get("{$this->at}/sheet")->assertInertia(
        fn ($page) => $page
            ->component('Section/Sheet')
            ->where('saved', false)
            ->has('view.cuts.panels', 3)
            ->where('view.cuts.stock', []),
    );
    $typed = ($this->typed)();
    $typed['workshop']['pads'] = [
        ['id' => 'pad-1', 'name' => 'Fine pad', 'lengthMm' => '140', 'widthMm' => '95', 'count' => '24'],
    ];
    $answer = $this->postJson("{$this->at}/preview", ['section' => $typed, 'cuts' => true]);
    $design = $this->postJson("{$this->at}/preview", ['section' => $typed]);
    expect(strlen((string) $design->getContent()))->toBeLessThan(0.75 * strlen((string) $answer->getContent()));
    expect($answer->json('view.cuts.stock.0.perSheet'))
        ->toBeGreaterThanOrEqual(18)
        ->and($answer->json('view.cuts.stock.0.sheets.0.0.shape'))
        ->toStartWith('pad-1');
});

it('hands the sump out as JSON, and opens it again the same without saving it', function (): void {
    $this->get("{$this->at}/sump.json")->assertNotFound();
    $this->system->section()->create(['document' => DemoSection::document()]);
    $json = (string) $this->get("{$this->at}/sump.json")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="test-tank-sump.json"')
        ->getContent();
    $other = System::factory()->ownedBy($this->keeper)->create();
    $answer = $this->postJson("/systems/{$other->id}/section/open", ['file' => $json])->assertOk();
    expect($answer->json('typed'))->toEqual(($this->typed)())->and($other->refresh()->section)->toBeNull();
    $this->put("/systems/{$other->id}/section", [
        'section' => $answer->json('typed'),
        'version' => 0,
    ])->assertSessionHasNoErrors();
    expect($this->get("/systems/{$other->id}/section/sump.json")->getContent())->toBe($json);
});

it('says why a file is no sump', function (string $file, string $words): void {
    $this->postJson("{$this->at}/open", ['file' => $file])
        ->assertUnprocessable()
        ->assertJsonPath('errors.file.0', fn (string $sentence): bool => str_contains($sentence, $words));
})->with([
    ['not json', 'not a JSON file'],
    ['{}', 'not a sump of this version'],
    ['', 'empty'],
    ['{"format":"ithys-section","schema":1,"lengthMm":0}', 'The inner length must be a number from 100 to 5000.'],
    [str_repeat('x', 500_001), 'too large'],
]);

it('offers what of the path in force is not placed yet, and the holes its socks ask for', function (): void {
    $this->seed(Database\Seeders\DemoSeeder::class);
    $demo = System::query()->where('name', 'Stairwell reef')->firstOrFail();
    $this->actingAs(User::query()->where('email', 'demo@ithys.example')->firstOrFail());
    $this->get("/systems/{$demo->id}/section")->assertInertia(
        fn ($page) => $page
            ->where(
                'view.proposals.fromPath',
                fn ($placed): bool => collect($placed)->pluck('placed.item')->doesntContain('skimmer')
                    && collect($placed)->pluck('placed.kind')->contains('pump'),
            )
            // Two felt socks of 4 in, and the standpipe that is always proposed.
            ->where(
                'view.proposals.trays.tray.openings',
                fn ($openings): bool => collect($openings)->pluck('kind')->all() === [
                    'sock-4in',
                    'sock-4in',
                    'standpipe',
                ],
            ),
    );
});

it('places parts of a path that is only planned, and puts both in force together', function (): void {
    $draft = $this->system->drafts()->create([
        'name' => 'With a skimmer',
        'document' => [
            ...Sketch::path('overflow-drilled > sock > skimmer > return-pump')->toArray(),
            'name' => 'With a skimmer',
        ],
    ]);
    $this->get($this->at)->assertInertia(fn ($page) => $page
        ->where('view.proposals.fromPath.0.placed.item', 'skimmer')
        ->where('view.proposals.fromPath.0.draft', 'With a skimmer')
        ->where('drafts.0.id', $draft->id));
    $this->put($this->at, ['section' => ($this->typed)(), 'version' => 0])->assertSessionHasNoErrors();
    expect($this->system->pathRevisions()->count())->toBe(0);
    foreach (['once', 'twice'] as $ignored) {
        $this->post("{$this->at}/in-force", ['since' => '2026-02-01', 'draft' => (string) $draft->id])
            ->assertSessionHasNoErrors();
    }
    $setup = System::query()->findOrFail($this->system->id)->setupAt(now());
    expect($this->system->pathRevisions()->count())->toBe(1)
        ->and($this->system->sumpRevisions()->count())->toBe(1)
        ->and($setup->path?->name)->toBe('With a skimmer')
        ->and($setup->sump)->not->toBeNull();
});

it('puts no draft of another tank in force with a sump', function (): void {
    $strange = System::factory()->create()->drafts()->create([
        'name' => 'Strange',
        'document' => Sketch::path('overflow-drilled > return-pump')->toArray(),
    ]);
    $this->put($this->at, ['section' => ($this->typed)(), 'version' => 0])->assertSessionHasNoErrors();
    $this->post("{$this->at}/in-force", ['since' => '2026-02-01', 'draft' => (string) $strange->id])->assertNotFound();
    expect($this->system->sumpRevisions()->count())->toBe(0);
});
