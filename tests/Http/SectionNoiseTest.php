<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoNano;
use Database\Seeders\DemoSection;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Whatever is sent, the answer is a view, sentences at places, or a refusal: never a fault of the server, and nothing
// is half-saved.

beforeEach(function (): void {
    $this->actingAs($keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($keeper)->create();
    $this->system->section()->create(['document' => DemoSection::document()]);
    $this->at = "/systems/{$this->system->id}/section";
    $this->typed = json_decode((string) json_encode($this->get($this->at)->viewData('page')['props']['typed']), true);
});

/** A value no form would send. */
function sectionNoise(Randomizer $random): mixed
{
    return [
        null,
        true,
        false,
        -1,
        0,
        1e308,
        'x',
        '',
        '1/0',
        '-5',
        '99999999',
        'NaN',
        '∞',
        "\u{0}",
        str_repeat('9', 400),
        [],
        ['a' => ['b' => 'c']],
        [[[[]]]],
        '12 in',
        '0.0000001',
    ][$random->getInt(0, 19)];
}

/**
 * The same document with one place somewhere in it made noise.
 *
 * @param  array<mixed>  $document
 * @return array<mixed>
 */
function spoiledSection(array $document, Randomizer $random): array
{
    if ($document === []) {
        return [sectionNoise($random)];
    }
    $keys = array_keys($document);
    $key = $keys[$random->getInt(0, count($keys) - 1)];
    $document[$key]
        = is_array($document[$key]) && $random->getInt(0, 3) > 0
            ? spoiledSection($document[$key], $random)
            : sectionNoise($random);

    return $document;
}

it('answers any sump, however spoiled', function (): void {
    for ($seed = 0; $seed < 120; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $typed = $this->typed;
        for ($i = 0; $i < $random->getInt(1, 4); $i++) {
            $typed = spoiledSection($typed, $random);
        }
        $answer = $this->postJson("{$this->at}/preview", ['section' => $typed]);
        expect($answer->status())->toBeIn(
            [200, 422],
            "seed {$seed}: ".mb_strimwidth((string) $answer->getContent(), 0, 300),
        );
        if ($answer->status() === 200 && $answer->json('view') !== null) {
            foreach ($answer->json('view.states') as $state) {
                expect(array_filter($state['levels'], fn ($level): bool => ! is_numeric($level) || $level < 0))->toBe(
                    [],
                    "seed {$seed}",
                );
            }
        }
    }
});

it('answers any chambers behind a display, however spoiled, drawn or cut', function (): void {
    $this->system->section()->update(['document' => json_encode(DemoNano::section()->toArray())]);
    $typed = json_decode((string) json_encode($this->get($this->at)->viewData('page')['props']['typed']), true);
    $readable = 0;
    for ($seed = 0; $seed < 150; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $spoiled = $typed;
        // Mostly where chambers differ from a sump.
        if ($random->getInt(0, 2) > 0) {
            $spoiled['rear'] = spoiledSection($typed['rear'], $random);
            $spoiled['workshop'] = spoiledSection($typed['workshop'], $random);
        } else {
            $spoiled = spoiledSection(spoiledSection($typed, $random), $random);
        }
        foreach ([false, true] as $cuts) {
            $answer = $this->postJson("{$this->at}/preview", ['section' => $spoiled, 'cuts' => $cuts]);
            expect($answer->status())->toBeIn(
                [200, 422],
                "seed {$seed}: ".mb_strimwidth((string) $answer->getContent(), 0, 300),
            );
            // What could not be read is said, whether the rest is drawn or not.
            if ($answer->status() === 200) {
                $view = $answer->json('view');
                $readable += $view !== null && $answer->json('problems') !== [] ? 1 : 0;
                expect($view === null)->toBe($view === null && $answer->json('problems') !== []);
            }
        }
    }
    expect($readable)->toBeGreaterThan(20);
});

it('saves no sump it cannot read, and keeps the one it had', function (): void {
    for ($seed = 0; $seed < 40; $seed++) {
        $random = new Randomizer(new Mt19937(1000 + $seed));
        $before = $this->system->refresh()->section;
        $answer = $this->put($this->at, [
            'section' => spoiledSection($this->typed, $random),
            'version' => $before?->version,
        ]);
        expect($answer->status())->toBe(302, "seed {$seed}");
        $after = $this->system->refresh()->section;
        // What is stored can be read, whether it is the old one or a new one.
        expect($after?->design()->vessel->lengthMm)
            ->toBeFloat()
            ->and($after?->version)
            ->toBe($answer->getSession()->has('errors') ? $before?->version : $before?->version + 1);
        $answer->getSession()->flush();
        $this->actingAs(User::query()->firstOrFail());
    }
});

it('answers any record of a build, however spoiled', function (): void {
    $build = [
        'retrofit' => false,
        'cureHours' => '72',
        'done' => ['set-socks' => '2026-03-14'],
        'leakTests' => [['day' => '2026-03-01', 'levelMm' => '355', 'result' => 'dry', 'note' => 'n']],
        'measured' => ['socks' => ['frontBottom' => '150', 'backBottom' => '154']],
    ];
    for ($seed = 0; $seed < 80; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $answer = $this->postJson("{$this->at}/build/preview", [
            'build' => spoiledSection(spoiledSection($build, $random), $random),
        ]);
        expect($answer->status())->toBeIn(
            [200, 422],
            "seed {$seed}: ".mb_strimwidth((string) $answer->getContent(), 0, 300),
        );
    }
});

it('opens no file that was spoiled into something it cannot show', function (): void {
    $document = json_decode((string) json_encode(DemoSection::document()), true);
    for ($seed = 0; $seed < 80; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $answer = $this->postJson("{$this->at}/open", [
            'file' => json_encode(spoiledSection($document, $random), JSON_PARTIAL_OUTPUT_ON_ERROR),
        ]);
        expect($answer->status())->toBeIn(
            [200, 422],
            "seed {$seed}: ".mb_strimwidth((string) $answer->getContent(), 0, 300),
        );
        if ($answer->status() === 200) {
            // What was opened is a form that can be asked about.
            expect($this->postJson("{$this->at}/preview", ['section' => $answer->json('typed')])->status())->toBe(
                200,
                "seed {$seed}",
            );
        }
    }
});
