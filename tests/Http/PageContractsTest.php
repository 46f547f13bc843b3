<?php

declare(strict_types=1);

use App\Exchange\ImportState;
use App\Exchange\UploadStore;
use App\Http\Middleware\HandleInertiaRequests;
use App\Jobs\LearnTank;
use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Tests\Support\Golden;

// What the server gives each page, as TypeScript that the types of the pages are held to: `npm run types` reads the
// file this test writes. Long lists are cut, since their items are alike.

const PAGES = [
    'settings' => '/settings',
    'create' => '/systems/create',
    'journal' => '/systems/1/journal',
    'table' => '/systems/1/journal?view=table&range=1y',
    'long' => '/systems/1/journal?range=all',
    'photos' => '/systems/1/journal?view=photos',
    'ledger' => '/systems/1/ledger',
    'why' => '/systems/1/ledger/why',
    'state' => '/systems/1/state',
    'care' => '/systems/1/care',
    'sitters' => '/systems/1/care/sitters',
    'trials' => '/systems/1/trials',
    'trial' => '/systems/1/trials/1',
    'running' => '/systems/1/trials/2',
    'tankTrial' => '/systems/1/trials/3',
    'nextTrial' => '/systems/1/trials?from=1',
    'stock' => '/systems/1/care/stock',
    'costs' => '/systems/1/care/costs',
    'incidents' => '/systems/1/care/incidents',
    'foresee' => '/systems/1/forecast',
    'charges' => '/systems/1/media',
    'dose' => '/systems/1/media/dose',
    'organic' => '/systems/1/media/organic',
    'others' => '/systems/1/media/others',
    'ozone' => '/systems/1/media/ozone',
    'bin' => '/systems/1/bin',
    'import' => '/systems/1/import',
    'path' => '/systems/1/path',
    'beginning' => '/systems/1/path?new=1',
    'draft' => '/systems/1/path?draft=2',
    'water' => '/systems/1/path/water',
    'styles' => '/systems/1/path/styles',
    'compare' => '/systems/1/path/compare?a=d1&b=d2',
    'parts' => '/systems/1/path/d1/parts',
    'section' => '/systems/1/section',
    'sheet' => '/systems/1/section/sheet',
    'build' => '/systems/1/section/build',
    'assumptions' => '/systems/1/assumptions',
];

const SHARED = ['keeper', 'units', 'parameters', 'examples', 'systems', 'flash', 'damage', 'errors'];

const LIST_CUT_AT = 2;

/** Lists are cut; figures are rounded, since the last digits differ between machines. */
function steady(mixed $part): mixed
{
    return match (true) {
        is_array($part) => array_map(
            steady(...),
            is_scalar($part[0] ?? null) ? $part : array_slice($part, 0, LIST_CUT_AT),
        ),
        is_object($part) => (object) array_map(steady(...), get_object_vars($part)),
        is_float($part) => (float) sprintf('%.4g', $part),
        default => $part,
    };
}

function satisfying(string $name, mixed $data, string $type): string
{
    $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    return "export const {$name} = ".json_encode($data, $flags)." satisfies {$type};\n";
}

it('gives every page what its types say', function (): void {
    $this->travelTo('2026-06-15 12:00:00');
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstOrFail());
    $this->delete('/systems/1/journal/'.JournalEntry::query()->max('id'))->assertRedirect();
    $upload = $this->post('/systems/1/import', ['file' => UploadedFile::fake()->createWithContent(
        'readings.csv',
        "date,nitrate\n2026-01-02,8\n2026-01-02,x\n2026-01-03,7\n",
    )])->headers->get('Location');
    $long = $this->post('/systems/1/import', ['file' => UploadedFile::fake()->createWithContent(
        'long.csv',
        "date,nitrate\n2026-01-02,8\n",
    )])->headers->get('Location');
    (new UploadStore(System::query()->findOrFail(1)))->note(basename((string) $long), ImportState::runs(1, 2));
    LearnTank::dispatchSync(1);
    $version = app(HandleInertiaRequests::class)->version(request());
    $imports = $constants = $shared = [];
    foreach ([...PAGES, 'preview' => (string) $upload, 'progress' => (string) $long] as $name => $url) {
        $answer = $this->get($url, ['X-Inertia' => 'true', 'X-Inertia-Version' => (string) $version])->assertOk();
        $page = json_decode(str_replace(basename((string) $upload), 'upload', (string) $answer->getContent()));
        $props = get_object_vars($page->props);
        $shared = array_intersect_key($props, array_flip(SHARED));
        $type = str_replace('/', '', $page->component);
        $imports[$type] = "import type {$type} from '../../resources/js/pages/{$page->component}';\n";
        $own = (object) array_diff_key($props, array_flip(SHARED));
        $constants[] = satisfying("{$name}Page", steady($own), "Parameters<typeof {$type}>[0]");
    }
    expect(count($imports))->toBeGreaterThan(12);
    ksort($imports);
    Golden::text('pages.ts', "import type { Shared } from '../../resources/js/lib/page';\n".implode('', $imports)."\n"
        .satisfying('shared', steady((object) $shared), 'Shared').implode('', $constants));
});
