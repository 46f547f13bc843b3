<?php

declare(strict_types=1);

use App\Models\PathDraft;
use App\Models\System;
use App\Models\User;
use App\Path\ImportedPath;
use Illuminate\Http\UploadedFile;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Path\Style;
use Ithys\Path\Template;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->system->id}";
    $this->draft = fn (?Path $path = null): PathDraft => $this->system
        ->drafts()
        ->create(['name' => 'Draft', 'document' => ($path ?? Template::of(Style::Sump))->toArray()]);
    $this->typed = [
        'name' => 'Draft',
        'style' => 'sump',
        'litresPerHour' => '',
        'stockNow' => 'medium',
        'stockPlanned' => 'medium',
        'without' => [],
        'removed' => [],
        'lines' => [
            [
                'id' => 'main',
                'items' => [
                    ['id' => 'a', 'kind' => 'overflow-drilled'],
                    ['id' => 'b', 'kind' => 'zeolite', 'figures' => ['grams' => '200']],
                    ['id' => 'c', 'kind' => 'return-pump', 'figures' => ['watts' => '30']],
                ],
            ],
        ],
    ];
});

it('begins with nothing and offers the styles', function (): void {
    $this->get("{$this->at}/path")->assertInertia(fn ($page) => $page->component('Path/Show')
        ->where('draft', null)
        ->where('frame.path', null)
        ->has('catalogue.kinds', 33)
        ->where('catalogue.styles.3', ['sump', 'Sump']));
});

it('starts a draft from a style, reviewed', function (): void {
    $this->post("{$this->at}/drafts", ['style' => 'canister'])->assertRedirect();
    $draft = $this->system->drafts()->sole();
    $this->get("{$this->at}/path?draft={$draft->id}")->assertInertia(fn ($page) => $page
        ->where('draft.typed.style', 'canister')
        ->where('draft.typed.lines.0.items.0.kind', 'intake')
        ->has('draft.review.findings')
        ->where('draft.review.items.i1.flow', 1400));
    $this->post("{$this->at}/drafts", ['style' => 'bucket'])->assertSessionHasErrors('style');
    expect($this->system->drafts()->count())->toBe(1);
});

it('answers an edit without saving it', function (): void {
    $answer = $this->postJson("{$this->at}/path/preview", ['path' => $this->typed])->assertOk();
    $codes = array_column($answer->json('view.findings'), 'code');
    expect($codes)->toContain('zeolite-fast', 'missing-solids')
        ->and($answer->json('view.items.b.flow'))->toBe(1400)
        ->and($answer->json('view.sizing.watts'))->toBe(30)
        ->and($this->system->drafts()->count())->toBe(0);
});

it('answers what cannot be at its place, and keeps nothing of it', function (
    array $change,
    string $place,
    string $words,
): void {
    $typed = array_replace_recursive($this->typed, $change);
    expect(
        $this->postJson("{$this->at}/path/preview", ['path' => $typed])
            ->assertOk()
            ->json('problems'),
    )->toHaveKey($place);
    $draft = ($this->draft)();
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $typed, 'version' => 1])->assertSessionHasErrors($place);
    expect(session('errors')->get($place)[0])->toContain($words)
        ->and($draft->refresh()->version)->toBe(1)
        ->and($draft->path())->toEqual(Template::of(Style::Sump));
})->with([
    'zero flow' => [['litresPerHour' => '0'], 'flow', 'between 1 L/h'],
    'an unknown unit' => [['litresPerHour' => '4 buckets/h'], 'flow', 'not a unit'],
    'a gallon of either kind' => [['litresPerHour' => '400 gal/h'], 'flow', 'imperial'],
    'two returns' => [
        ['lines' => [['items' => [1 => ['kind' => 'return-pump', 'figures' => []]]]]],
        'item.c',
        'second return pump',
    ],
    'an item in two places' => [['lines' => [['items' => [1 => ['id' => 'a']]]]], 'item.a', 'two places'],
    'a cycle' => [
        ['lines' => [1 => ['id' => 'x', 'from' => 'r', 'to' => 'a', 'items' => [['id' => 'r', 'kind' => 'reactor']]]]],
        'line.x.from',
        'no water would ever reach',
    ],
]);

it('saves an unfinished draft, and says what it lacks', function (): void {
    $draft = ($this->draft)();
    $this->typed['lines'] = [['id' => 'main', 'items' => []]];
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $this->typed, 'version' => 1])->assertSessionHasNoErrors();
    expect($draft->refresh()->path()->items())
        ->toBe([])
        ->and($draft->version)
        ->toBe(2);
    $this->get("{$this->at}/path?draft={$draft->id}")->assertInertia(
        fn ($page) => $page->where('draft.review.findings.0.code', 'empty'),
    );
});

it('does not let two windows overwrite each other unseen', function (): void {
    $draft = ($this->draft)();
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $this->typed, 'version' => 1])->assertSessionHasNoErrors();
    $this->put("{$this->at}/drafts/{$draft->id}", [
        'path' => [...$this->typed, 'name' => 'Other'],
        'version' => 1,
    ])->assertSessionHasErrors('path');
    expect($draft->refresh()->name)->toBe('Draft');
    $this->put("{$this->at}/drafts/{$draft->id}", [
        'path' => [...$this->typed, 'name' => ''],
        'version' => 2,
    ])->assertSessionHasErrors('path.name');
});

it('puts a draft in force from a day, and the water line follows it', function (): void {
    $path = PathDocument::stored([...Template::of(Style::Sump)->toArray(), 'litresPerHour' => 1900]);
    $draft = ($this->draft)($path);
    $this->post("{$this->at}/drafts/{$draft->id}/in-force", ['since' => '2026-03-01'])->assertSessionHasNoErrors();
    $system = System::query()->sole();
    expect($system->pathRevisionAt(new DateTimeImmutable('2026-02-20')))->toBeNull()
        ->and($system->tankAt(new DateTimeImmutable('2026-02-20'))->filterLitresPerHour)->toBe(1400.0)
        ->and($system->tankAt(new DateTimeImmutable('2026-03-02'))->filterLitresPerHour)->toBe(1900.0);
    // What is in force stays when the draft is worked on.
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $this->typed, 'version' => 1]);
    $this->get("{$this->at}/journal")->assertInertia(fn ($page) => $page
        ->where('frame.flowLitresPerHour', 1900)
        ->has('frame.path.stops', 10)
        ->where('frame.path.stops.1.title', 'Felt socks')
        ->where('frame.path.stops.1.brief', '×2, felt, 4 in')
        ->where('frame.path.stops.7.severity', 'caution')
        ->where('frame.path.draft', $draft->id));
});

it('counts further tanks on the sump into the working volume', function (): void {
    $document = Template::of(Style::Sump)->toArray();
    $document['lines'][] = [
        'id' => 'frag',
        'tank' => true,
        'tankLitres' => 60,
        'litresPerHour' => 300,
        'to' => 'i2',
        'items' => [['id' => 'f', 'kind' => 'overflow-drilled']],
    ];
    $draft = ($this->draft)(PathDocument::stored($document));
    $this->post("{$this->at}/drafts/{$draft->id}/in-force", ['since' => '2026-03-01']);
    $system = System::query()->sole();
    expect($system->workingLitresAt(new DateTimeImmutable('2026-02-01')))
        ->toBe(200.0)
        ->and($system->workingLitresAt(new DateTimeImmutable('2026-03-05')))
        ->toBe(260.0)
        ->and($system->tankAt(now())->workingVolume()->displayLitres)
        ->toBe(200.0);
    $this->get("{$this->at}/journal")->assertInertia(
        fn ($page) => $page->where('frame.path.stops.1.branches.0.title', 'Further tank'),
    );
    // The description itself keeps what was described.
    $this->get("{$this->at}/path/water")->assertInertia(
        fn ($page) => $page->where('typed.flow', '1400')->where('view.litres', 260),
    );
});

it('refuses to put a path in force from no day or one to come', function (string $since): void {
    $draft = ($this->draft)();
    $this->post("{$this->at}/drafts/{$draft->id}/in-force", ['since' => $since])->assertSessionHasErrors('since');
    expect($this->system->pathRevisions()->count())->toBe(0);
})->with(['', 'soon', '2026-02-31', now()->addYear()->format('Y-m-d')]);

it('takes a path back out of force, and in again', function (): void {
    $draft = ($this->draft)();
    $this->post("{$this->at}/drafts/{$draft->id}/in-force", ['since' => '2026-03-01']);
    $id = $this->system->pathRevisions()->sole()->id;
    $this->post("{$this->at}/path-revisions/{$id}/take-back")->assertRedirect();
    $this->get("{$this->at}/path")->assertInertia(fn ($page) => $page->where('frame.path', null)->has('revisions', 0));
    $this->post("{$this->at}/path-revisions/{$id}/restore");
    $this->get("{$this->at}/path")->assertInertia(
        fn ($page) => $page->where('frame.path.revision', $id)->where('revisions.0.inForce', true),
    );
});

it('copies a draft or a revision, bins a draft and brings it back', function (): void {
    $draft = ($this->draft)();
    $this->post("{$this->at}/drafts", ['copy' => "d{$draft->id}"])->assertRedirect();
    $copy = $this->system->drafts()->where('name', 'Sump, copy')->sole();
    expect($copy->path()->items())->toEqual($draft->path()->items());
    $this->post("{$this->at}/drafts/{$draft->id}/in-force", ['since' => '2026-03-01']);
    $this->post("{$this->at}/drafts", [
        'copy' => 'r'.$this->system->pathRevisions()->sole()->id,
    ])->assertSessionHasNoErrors();
    $this->delete("{$this->at}/drafts/{$copy->id}")->assertRedirect();
    expect($this->system->drafts()->count())->toBe(2);
    $this->get("{$this->at}/path?draft={$copy->id}")->assertNotFound();
    $this->post("{$this->at}/drafts/{$copy->id}/restore");
    expect($this->system->drafts()->count())->toBe(3);
});

it('opens a comparison from the path in force to the latest draft that is another', function (): void {
    $make = fn (string $name, string $style): int => $this->system->drafts()->create([
        'user_id' => $this->keeper->id,
        'name' => $name,
        'document' => [...Template::of(Style::from($style))->toArray(), 'name' => $name],
    ])->id;
    $now = $make('Now', 'sump');
    $this->post("{$this->at}/drafts/{$now}/in-force", ['since' => now()->format('Y-m-d')]);
    $next = $make('Next', 'canister');
    $revision = $this->system->pathRevisions()->sole()->id;
    $this->get("{$this->at}/path/compare")->assertInertia(
        fn ($page) => $page
            ->where('sides.0.mark', "r{$revision}")
            ->where('sides.1.mark', "d{$next}"),
    );
});

it('compares two paths', function (): void {
    $one = ($this->draft)();
    $other = ($this->draft)(Template::of(Style::Canister));
    $this->get("{$this->at}/path/compare?a=d{$one->id}&b=d{$other->id}")->assertInertia(
        fn ($page) => $page
            ->component('Path/Compare')
            ->where('sides.0.name', 'Sump')
            ->where('sides.1.name', 'Canister')
            ->where('changes.0.what', 'taken away')
            ->has('choices', 2),
    );
    $this->get("{$this->at}/path/compare?a=d999")->assertNotFound();
    $this->get("{$this->at}/path/compare?a=x1")->assertNotFound();
});

it('prints a parts list', function (): void {
    $draft = ($this->draft)();
    $this->get("{$this->at}/path/d{$draft->id}/parts")->assertInertia(fn ($page) => $page->component('Path/Parts')
        ->where('review.sizing.spareSockets', 6)
        ->where('review.sizing.pumps', 2)
        ->has('review.sizing.needs', 6));
});

it('exports JSON that imports as the same path', function (): void {
    $draft = ($this->draft)();
    $json = $this->get("{$this->at}/path/d{$draft->id}/path.json")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="test-tank-sump.json"')
        ->getContent();
    $this->post("{$this->at}/drafts/import", [
        'file' => UploadedFile::fake()->createWithContent('path.json', $json),
    ])->assertSessionHasNoErrors();
    expect($this->system->drafts()->orderByDesc('id')->first()->document)->toEqual($draft->document);
});

it('exports a sheet as SVG', function (): void {
    $draft = ($this->draft)();
    $svg = $this->get("{$this->at}/path/d{$draft->id}/path.svg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();
    expect((new DOMDocument())->loadXML($svg))->toBeTrue()->and($svg)->toContain('Test tank')->toContain('Felt socks');
});

it('refuses a file that is no path, by a sentence', function (string $content, string $words): void {
    $this->post("{$this->at}/drafts/import", [
        'file' => UploadedFile::fake()->createWithContent('path.json', $content),
    ])->assertSessionHasErrors('file');
    expect(session('errors')->get('file')[0])
        ->toContain($words)
        ->and($this->system->drafts()->count())
        ->toBe(0);
})->with([
    'text' => ['hello', 'not a JSON file'],
    'cut off' => ['{"format": "ithys-path"', 'not a JSON file'],
    'other JSON' => ['[1, 2]', 'not a path by the schema'],
    'a zero flow' => [json_encode([...Template::of(Style::Sump)->toArray(), 'litresPerHour' => 0]), '/litresPerHour'],
    'an unknown kind' => [
        str_replace('"skimmer"', '"cauldron"', (string) json_encode(Template::of(Style::Sump)->toArray())),
        'not a path by the schema',
    ],
    'an unknown property' => [
        str_replace('"kind"', '"shape": "round", "kind"', (string) json_encode(Template::of(Style::Sump)->toArray())),
        'not a path by the schema',
    ],
    'an item twice, which no schema sees' => [
        str_replace('"i2"', '"i3"', (string) json_encode(Template::of(Style::Sump)->toArray())),
        'stands in two places',
    ],
    'a binary' => ["\x89PNG\r\n\x1a\n\0\0", 'not a JSON file'],
    'too large' => [str_repeat(' ', ImportedPath::MOST_BYTES + 1), 'larger than 1 MB'],
]);

it('publishes a schema that says what the code says', function (): void {
    $schema = json_decode((string) file_get_contents(resource_path('schemas/path-1.schema.json')), true);
    $item = $schema['$defs']['item']['properties'];
    expect($item['kind']['enum'])
        ->toBe(array_column(Ithys\Path\Kind::cases(), 'value'))
        ->and(array_keys($item['figures']['properties']))
        ->toBe(array_column(Ithys\Path\Figure::cases(), 'value'))
        ->and($item['flags']['items']['enum'])
        ->toBe(array_column(Ithys\Path\Flag::cases(), 'value'))
        ->and($item['media']['items']['properties']['medium']['enum'])
        ->toBe(array_column(Ithys\Media\Medium::cases(), 'value'))
        ->and($schema['properties']['style']['enum'])
        ->toBe(array_column(Style::cases(), 'value'));
    foreach (Ithys\Path\Figure::cases() as $figure) {
        expect([
            (float) $item['figures']['properties'][$figure->value]['minimum'],
            (float) $item['figures']['properties'][$figure->value]['maximum'],
        ])->toBe($figure->bounds());
    }
    foreach (Ithys\Path\Choice::cases() as $choice) {
        expect($item['choices']['properties'][$choice->value]['enum'])->toBe(
            array_map(strval(...), array_keys($choice->options())),
        );
    }
});

it('shows figures in the keeper\'s units and reads them back the same', function (): void {
    $this->put('/settings/units', ['units' => 'us']);
    $draft = ($this->draft)(
        PathDocument::stored(
            json_decode(
                str_replace(
                    '"kind":"skimmer"',
                    '"kind":"skimmer","figures":{"claimHighLitres":300,"lengthMm":254}',
                    (string) json_encode(Template::of(Style::Sump)->toArray()),
                ),
                true,
            ),
        ),
    );
    $page = $this->get("{$this->at}/path?draft={$draft->id}");
    $page->assertInertia(
        fn ($page) => $page
            ->where('draft.typed.lines.0.items.2.figures.claimHighLitres', '79.2516')
            ->where('draft.typed.lines.0.items.2.figures.lengthMm', '10')
            ->where('catalogue.figures.claimHighLitres.unit', 'US gal'),
    );
    $typed = json_decode((string) json_encode($page->viewData('page')['props']['draft']['typed']), true);
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $typed, 'version' => 1])->assertSessionHasNoErrors();
    expect($draft->refresh()->path()->find('i3')->figure(Ithys\Path\Figure::ClaimHigh))->toAgreeWith(300, 1e-5);
});

it('compares the styles for the room, and keeps the room', function (): void {
    $this->get("{$this->at}/path/styles")->assertInertia(
        fn ($page) => $page
            ->component('Path/Styles')
            ->has('view', 11)
            ->has('view.0.cells', 5)
            ->where('typed.powerPrice', '0.3'),
    );
    $room = [
        'cabinetLength' => '90',
        'cabinetWidth' => '45',
        'cabinetHeight' => '70',
        'budget' => '300',
        'powerPrice' => '0.4',
        'noise' => 'little',
        'spill' => 'little',
        'skill' => 'new',
        'drilled' => 'yes',
        'look' => 'clean',
    ];
    expect(
        $this->postJson("{$this->at}/path/styles/preview", ['room' => $room])
            ->assertOk()
            ->json('view.0.cells.3.text'),
    )
        ->toBe('+60.6 L')
        ->and(
            $this->postJson("{$this->at}/path/styles/preview", ['room' => [...$room, 'budget' => 'lots']])->json(
                'problems.budget',
            ),
        )
        ->toContain('“lots” is not a number');
    $this->put("{$this->at}/path/styles", [
        'room' => [...$room, 'cabinetLength' => '-4'],
        'version' => 1,
    ])->assertSessionHasErrors('cabinetLength');
    $this->put("{$this->at}/path/styles", ['room' => $room, 'version' => 1])->assertSessionHasNoErrors();
    $this->get("{$this->at}/path/styles")->assertInertia(
        fn ($page) => $page->where('typed.cabinetLength', '90')->where('typed.look', 'clean'),
    );
});

it('keeps another system\'s paths out of reach', function (): void {
    $other = System::factory()->ownedBy(User::factory()->create())->create();
    $theirs = $other->drafts()->create(['name' => 'Theirs', 'document' => Template::of(Style::Sump)->toArray()]);
    $this->get("{$this->at}/path?draft={$theirs->id}")->assertNotFound();
    $this->get("{$this->at}/path/d{$theirs->id}/path.json")->assertNotFound();
    $this->put("{$this->at}/drafts/{$theirs->id}", ['path' => $this->typed, 'version' => 1])->assertNotFound();
    $this->post("{$this->at}/drafts", ['copy' => "d{$theirs->id}"])->assertNotFound();
    $this->delete("{$this->at}/drafts/{$theirs->id}")->assertNotFound();
});
