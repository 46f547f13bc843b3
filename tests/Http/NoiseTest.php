<?php

declare(strict_types=1);

use App\Http\Pages\PathForm;
use App\Http\Pages\SectionForm;
use App\Models\System;
use App\Models\User;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\SumpDesign;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Whatever comes in a request, the answer is a sentence and never a broken page, and nothing is saved by halves.

beforeEach(function (): void {
    $this->actingAs(User::factory()->create());
    $this->system = System::factory()->ownedBy(auth()->user())->create();
    $this->at = "/systems/{$this->system->id}";
});

/** @return list<mixed> things that do not belong into a form */
function noise(): array
{
    return [
        null,
        '',
        ' ',
        0,
        -1,
        1e300,
        true,
        false,
        [],
        ['x'],
        [[]],
        ['id' => 'main'],
        '<script>alert(1)</script>',
        "'; drop table users; --",
        "\0",
        "\u{202E}abc",
        str_repeat('9', 400),
        str_repeat('ä', 600),
        'NaN',
        '1/0',
        '∞',
        '12 gal',
        '1,250',
        '-0',
        '../../etc',
        '{{7*7}}',
    ];
}

/**
 * The same tree with one to three places spoiled.
 *
 * @param  array<mixed>  $tree
 * @return array<mixed>
 */
function spoiled(array $tree, Randomizer $random): array
{
    for ($n = $random->getInt(1, 3); $n > 0; $n--) {
        $at = &$tree;
        for ($depth = $random->getInt(1, 7); $depth > 0 && is_array($at) && $at !== []; $depth--) {
            $keys = array_keys($at);
            $at = &$at[$keys[$random->getInt(0, count($keys) - 1)]];
        }
        $at = noise()[$random->getInt(0, count(noise()) - 1)];
        unset($at);
    }

    return $tree;
}

it('answers a spoiled path with a sentence', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    foreach (Style::cases() as $style) {
        $typed = json_decode((string) json_encode(PathForm::of(Template::of($style), UnitSystem::Metric)), true);
        $response = $this->postJson("{$this->at}/path/preview", ['path' => spoiled($typed, $random)]);
        expect($response->status())->toBeIn([200, 422], "seed {$seed}");
        foreach ($response->json('problems') ?? [] as $sentence) {
            expect($sentence)->toBeString()->toEndWith('.');
        }
    }
})->with(range(1, 40));

it('answers a spoiled sump with a sentence', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $typed = json_decode((string) json_encode(SectionForm::of(SumpDesign::start(), UnitSystem::Metric)), true);
    for ($n = 0; $n < 5; $n++) {
        $response = $this->postJson("{$this->at}/section/preview", ['section' => spoiled($typed, $random)]);
        expect($response->status())->toBeIn([200, 422], "seed {$seed}");
        foreach ($response->json('problems') ?? [] as $sentence) {
            expect($sentence)->toBeString()->toEndWith('.');
        }
    }
})->with(range(1, 40));

it('answers a spoiled room with a sentence', function (): void {
    foreach (noise() as $value) {
        foreach (['cabinetLength', 'budget', 'noise', 'drilled'] as $field) {
            expect(
                $this->postJson("{$this->at}/path/styles/preview", ['room' => [$field => $value]])->status(),
            )->toBeIn([200, 422]);
        }
    }
});

it('answers a request without what it needs', function (string $method, string $path, array $body): void {
    $draft = $this->system->drafts()->create(['name' => 'Draft', 'document' => Template::of(Style::Sump)->toArray()]);
    $path = str_replace('{draft}', (string) $draft->id, $path);
    $this->json($method, $this->at.$path, $body)->assertStatus(422);
    expect($this->system->drafts()->count())
        ->toBe(1)
        ->and($draft->refresh()->version)
        ->toBe(1)
        ->and($this->system->pathRevisions()->count())
        ->toBe(0);
})->with([
    ['POST', '/path/preview', []],
    ['POST', '/path/preview', ['path' => 'overflow > sock']],
    ['POST', '/section/preview', ['section' => 7]],
    ['PUT', '/section', ['section' => []]],
    ['PUT', '/drafts/{draft}', []],
    ['PUT', '/drafts/{draft}', ['path' => ['name' => 'x'], 'version' => 'one']],
    ['POST', '/drafts', []],
    ['POST', '/drafts', ['style' => ['sump']]],
    ['POST', '/drafts', ['copy' => ['d1']]],
    ['POST', '/drafts/import', ['file' => 'path.json']],
    ['POST', '/drafts/{draft}/in-force', []],
    ['POST', '/drafts/{draft}/in-force', ['since' => ['2026-01-01']]],
    ['PUT', '/path/styles', ['room' => ['budget' => 'lots']]],
]);

it('finds nothing at marks that are none', function (string $mark): void {
    foreach (['parts', 'path.json', 'path.svg'] as $page) {
        $this->get("{$this->at}/path/{$mark}/{$page}")->assertNotFound();
    }
    $this->post("{$this->at}/drafts", ['copy' => $mark])->assertNotFound();
})->with(['d0', 'd99', 'r1', 'x1', 'd-1', 'd1e3', 'd99999999999999999999', '1', 'd 1']);

it('keeps the words of a keeper as words', function (): void {
    $typed = json_decode((string) json_encode(PathForm::of(Template::of(Style::Sump), UnitSystem::Metric)), true);
    $typed['name'] = '<img src=x onerror=alert(1)>';
    $typed['lines'][0]['items'][1]['name'] = '"><script>alert(1)</script>';
    $draft = $this->system->drafts()->create(['name' => 'Draft', 'document' => Template::of(Style::Sump)->toArray()]);
    $this->put("{$this->at}/drafts/{$draft->id}", ['path' => $typed, 'version' => 1])->assertSessionHasNoErrors();
    $page = $this->get("{$this->at}/path?draft={$draft->id}");
    expect($page->getContent())->not->toContain('<script>alert(1)')->not->toContain('<img src=x');
    $svg = $this->get("{$this->at}/path/d{$draft->id}/path.svg");
    expect($svg->getContent())
        ->not->toContain('<script>')
        ->and($svg->headers->get('Content-Disposition'))
        ->not->toContain('<');
});
