<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Parameter;
use Ithys\Media\Medium;

arch('the core is plain PHP without framework, clock or chance')
    ->expect('Ithys')
    ->not->toUse([
        'Illuminate',
        'App',
        'Inertia',
        'Carbon',
        'now',
        'time',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'microtime',
        'file_get_contents',
    ]);

arch('the core does not depend on the application')
    ->expect('Ithys')
    ->toOnlyBeUsedIn(['App', 'Ithys', 'Database', 'Tests']);

arch('everything is strict')
    ->expect(['Ithys', 'App'])
    ->toUseStrictTypes();

arch('nothing is dumped')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'die'])
    ->not->toBeUsed();

it('keeps the lines of PHP within 120 columns', function () {
    $folder = dirname(__DIR__);
    $long = [];
    foreach (['app', 'bootstrap', 'config', 'core', 'database', 'routes', 'tests'] as $room) {
        foreach (phpFilesIn("{$folder}/{$room}") as $file) {
            foreach (file($file) ?: [] as $at => $line) {
                if (mb_strlen(rtrim($line, "\n")) > 120) {
                    $long[] = substr($file, strlen($folder) + 1).':'.($at + 1);
                }
            }
        }
    }

    expect($long)->toBe([]);
});

/** @return iterable<string> paths of all PHP files under a folder */
function phpFilesIn(string $folder): iterable
{
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        if (str_ends_with($file->getPathname(), '.php') && ! str_contains($file->getPathname(), '/cache/')) {
            yield $file->getPathname();
        }
    }
}

/** Rooms of the core by height: each looks down only, and beside itself where no ring comes of it. */
const FLOORS = [
    ['Quantity', 'Statistics'],
    ['Media'],
    ['Assumption'],
    ['root', 'Document'],
    ['Water', 'Flow', 'Panel', 'Packing'],
    ['Dosing', 'Journal'],
    ['Path', 'Sump'],
    ['System'],
    ['Nutrient'],
    ['History'],
    ['Learning'],
    ['Effect', 'Forecast', 'Target'],
    ['Care', 'Trial'],
    ['Drawing'],
];

/**
 * @return array<string, list<string>> rooms by the rooms they import from; files beside the rooms are the room "root"
 */
function roomsAndTheirImports(): array
{
    $imports = [];
    $core = dirname(__DIR__).'/core/';
    foreach (phpFilesIn($core) as $file) {
        $within = explode('/', substr($file, strlen($core)));
        $room = count($within) > 1 ? $within[0] : 'root';
        preg_match_all(
            '~^use Ithys\\\\(\w+)(\\\\)?~m',
            (string) file_get_contents($file),
            $found,
            PREG_SET_ORDER,
        );
        foreach ($found as $import) {
            $imports[$room][] = isset($import[2]) ? $import[1] : 'root';
        }
    }

    return array_map(static fn (array $rooms): array => array_values(array_unique($rooms)), $imports);
}

it('lets rooms of the core look down only', function (): void {
    $floor = [];
    foreach (FLOORS as $height => $rooms) {
        $floor += array_fill_keys($rooms, $height);
    }
    $imports = roomsAndTheirImports();
    expect(array_diff(array_keys($imports), array_keys($floor)))->toBe([], 'every room has its floor')
        ->and($imports)->toHaveKeys(['Sump', 'Path', 'System', 'Water']);
    foreach ($imports as $room => $others) {
        foreach ($others as $other) {
            expect($floor[$other])->toBeLessThanOrEqual($floor[$room], "{$room} looks up to {$other}");
        }
    }
});

/**
 * @param  array<string, list<string>>  $imports  by what imports them
 * @return list<string> what stands in a ring, or leads to one
 */
function inRings(array $imports): array
{
    do {
        $before = count($imports);
        // What imports from none that is left is done with.
        $imports = array_filter(
            $imports,
            static fn (array $others, string $one): bool => array_intersect(
                array_diff($others, [$one]),
                array_keys($imports),
            ) !== [],
            ARRAY_FILTER_USE_BOTH,
        );
    } while (count($imports) < $before);

    return array_keys($imports);
}

it('has no ring between rooms of the core', function (): void {
    expect(inRings(roomsAndTheirImports()))->toBe([]);
});

/** Rooms of the model whose folders may form no ring either. */
const LAYERED = ['Nutrient', 'Media', 'History', 'Learning', 'Forecast', 'Effect', 'Dosing'];

it('has no ring between the folders of a room of the model', function (): void {
    $core = dirname(__DIR__).'/core/';
    $left = [];
    foreach (LAYERED as $room) {
        foreach (phpFilesIn($core.$room) as $file) {
            $folder = dirname(substr($file, strlen($core)));
            preg_match_all(
                '~^use Ithys\\\\('.$room.'[\w\\\\]*)\\\\\w+;~m',
                (string) file_get_contents($file),
                $found,
            );
            $left[$folder] ??= [];
            foreach ($found[1] as $import) {
                $left[$folder][] = strtr($import, '\\', '/');
            }
        }
    }
    expect($left)->toHaveKeys(['History/Timeline', 'Nutrient/Lever', 'Effect/Relaxed']);
    expect(inRings($left))->toBe([]);
});

it('makes no sentences of the job in the pages', function (): void {
    $found = [];
    foreach (phpFilesIn(dirname(__DIR__).'/app/Http/Pages') as $file) {
        if (str_contains((string) file_get_contents($file), 'Text::of(')) {
            $found[] = basename($file);
        }
    }
    expect($found)->toBe([]);
});

it('names nothing of the job in the pages’ scripts', function (): void {
    $words = [];
    foreach ([...Parameter::nutrients(), ...Medium::cases()] as $named) {
        array_push($words, preg_quote($named->value, '~'), preg_quote(mb_strtolower($named->label()), '~'));
    }
    // Factors between units live in the core too; an inch is what a drawing's sixteenths are of.
    $pattern = '~\b('.implode('|', $words).'|vinegar|ethanol|3\.785|453\.59|28\.35)\b~i';
    $found = [];
    $folder = dirname(__DIR__).'/resources/js/';
    // Colours have names of what they are for, and drawings the names of what they show.
    $exempt = ['theme/theme.ts', 'parts/Glyph.tsx', 'tide/parameters.ts', 'tide/Lanes.tsx'];
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        $name = substr($file->getPathname(), strlen($folder));
        if (in_array($name, $exempt, true) || str_contains($name, '.test.')) {
            continue;
        }
        foreach (file($file->getPathname()) ?: [] as $at => $line) {
            if (preg_match($pattern, $line, $match) === 1) {
                $found[] = "{$name}:".($at + 1)." {$match[1]}";
            }
        }
    }
    expect($found)->toBe([]);
});

it('has no constructor that takes over eight values: one is missing behind them', function (): void {
    $dear = [];
    foreach (['core' => 'Ithys', 'app' => 'App'] as $folder => $namespace) {
        $root = dirname(__DIR__)."/{$folder}/";
        foreach (phpFilesIn($root) as $file) {
            /** @var class-string $class */
            $class = $namespace.'\\'.str_replace('/', '\\', substr($file, strlen($root), -4));
            $parameters = class_exists($class)
                ? (new ReflectionClass($class))->getConstructor()?->getNumberOfParameters()
                : null;
            if ($parameters > 8) {
                $dear[$class] = $parameters;
            }
        }
    }
    expect($dear)->toBe([]);
});
