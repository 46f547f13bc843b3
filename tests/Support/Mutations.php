<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\Pages\BuildView;
use App\Http\Pages\PathForm;
use App\Http\Pages\SectionForm;
use App\Http\Pages\StylesView;
use App\Http\Pages\TankForm;
use App\Models\System;
use App\Path\PathShelf;
use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\SumpDesign;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** Requests of every kind with something in them spoiled, the same ones for the same seed. */
final class Mutations
{
    /** What no form of ours sends. */
    private const NOISE = [
        null,
        '',
        ' ',
        0,
        -1,
        1e300,
        true,
        [],
        ['x'],
        [[]],
        ['id' => 'main'],
        '<script>alert(1)</script>',
        "'; drop table users; --",
        "\0",
        "a\0b",
        "\xFF\xFE",
        "f\x81r",
        "\u{202E}abc",
        "\u{FEFF}",
        '99999999999999999999',
        'NaN',
        '1/0',
        '∞',
        '12 gal',
        '1,250',
        '-0',
        '../../etc',
        '{{7*7}}',
        '2026-02-30',
        '0206-03-04',
        '2026-10-25 02:30',
        '+99:99',
        '=cmd|x',
        '%FF',
        '1e999',
    ];

    private const TABLES = [
        "date,tank,wc (gal),nitrate (µmol/L)\n2026-03-04,Long,10,129\n2026-03-05,Corner,,100\n",
        "date,no3,po4,note,kit\n2026-03-04,13,9,0,11\n2026-03-05,14,0,11\n",
        "date,nitrate,phosphate\n2026-03-04 20:15,8.5,0.06\n2026-03-05,8,0.05\n",
        "date;parameter;value;unit;method;note\n24/3/2026 "
            ."20:15;NO3;8,5;ppm;colour;ok\n25/3/2026;po4-p;18;ppb;;\"two\nlines\"\n",
        "date,time,no3 (ppm),cloudy\n2026-03-04T20:15:00Z,,8,yes\n2026-03-29,02:30,7,\n",
    ];

    /** Seconds of processor time that no answer takes. */
    private const LONGEST = 10.0;

    private readonly Randomizer $random;

    private readonly string $at;

    public function __construct(private readonly TestCase $test, private readonly System $system, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->at = "/systems/{$system->id}";
    }

    /**
     * Sends so many and returns what each answered with a fault of the server's own, or not within the time.
     *
     * @return list<string>
     */
    public function send(int $count): array
    {
        $requests = $this->requests();
        $faults = [];
        for ($n = 0; $n < $count; $n++) {
            [$what, $ask] = $this->pick($requests);
            $from = self::cpu();
            $response = $ask();
            if (self::cpu() - $from > self::LONGEST) {
                $faults[] = "{$n} {$what}: took more than ".self::LONGEST.' s';
            }
            if ($response->getStatusCode() >= 500) {
                $faults[] = "{$n} {$what}: {$response->getStatusCode()} ".($response->exception?->getMessage() ?? '');
            }
        }

        return $faults;
    }

    /** @return array<string, mixed> */
    private static function trial(): array
    {
        return [
            'question' => 'Do the stones lower it?', 'arms' => ['gravel', 'stones'], 'control' => 'gravel',
            'feed' => 'pellets', 'stop' => '', 'units' => '3', 'litres' => '5', 'nitrogenMgPerDay' => '1',
            'cyclingWeeks' => '4', 'weeks' => '12', 'every' => '7', 'isBlind' => true,
            'reads' => [['parameter' => 'no3', 'kit' => 'drops', 'step' => '0.5', 'scatter' => '1.5']],
        ];
    }

    /** @return array<string, mixed> */
    private static function tankTrial(): array
    {
        return [
            'question' => 'Does the rubble lower it?', 'form' => 'switched', 'parameter' => 'no3', 'change' => 'rubble',
            'phaseDays' => '14', 'periods' => '4', 'washoutDays' => '3', 'every' => '4', 'other' => '',
        ];
    }

    /** Seconds of processor time that this process has used. */
    private static function cpu(): float
    {
        $used = (array) getrusage();

        return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec']
            + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
    }

    /** @return list<array{string, Closure(): TestResponse}> */
    private function requests(): array
    {
        $units = UnitSystem::Metric;
        $tank = $this->system->revisionAt(now())->tank();
        $draft = $this->system
            ->drafts()
            ->create(['name' => 'Draft', 'document' => Template::of(Style::Sump)->toArray()]);
        $this->system->section()->create(['document' => SumpDesign::start()->toArray()]);
        $plain = static fn (mixed $view): array => (array) json_decode((string) json_encode($view), true);
        $path = static fn (Style $style): array => $plain(PathForm::of(Template::of($style), $units));
        $section = $plain(SectionForm::of(SumpDesign::start(), $units));
        $build = $plain(BuildView::typed(new BuildRecord(false, 168.0, [], [], []), $units)) + [
            'done' => ['mark' => '2026-03-04'],
            'leakTests' => [['day' => '2026-03-04', 'levelMm' => '300', 'result' => 'dry', 'note' => '']],
        ];
        $room = StylesView::form((new PathShelf($this->system))->room(), $units);
        $bodies = [
            ['POST', '/path/preview', fn (): array => ['path' => $path($this->pick(Style::cases()))]],
            ['PUT', "/drafts/{$draft->id}", fn (): array => ['path' => $path(Style::Sump), 'version' => 1]],
            ['POST', '/section/preview', static fn (): array => ['section' => $section]],
            ['PUT', '/section', static fn (): array => ['section' => $section, 'version' => 1]],
            [
                'POST',
                '/section/open',
                fn (): array => ['file' => $this->scratched((string) json_encode(SumpDesign::start()->toArray()))],
            ],
            ['POST', '/section/build/preview', static fn (): array => ['build' => $build]],
            ['PUT', '/section/build', static fn (): array => ['build' => $build, 'version' => 0]],
            ['POST', '/path/styles/preview', static fn (): array => ['room' => $room]],
            ['PUT', '/path/styles', static fn (): array => ['room' => $room, 'version' => 1]],
            ['POST', '/path/water/preview', static fn (): array => ['tank' => TankForm::of($tank, $units)]],
            [
                'PUT',
                '/path/water',
                static fn (): array => [
                    'tank' => ['name' => 'Test', 'since' => '2026-03-04', ...TankForm::of($tank, $units)],
                    'version' => 1,
                ],
            ],
            ['POST', '/journal', fn (): array => ['line' => $this->line()]],
            ['POST', '/journal/understand', fn (): array => ['line' => $this->line()]],
            ['POST', '/forecast/preview', static fn (): array => ['weeks' => 12, 'levers' => [
                'feedTimes' => '1', 'sockEvery' => '7', 'waterEvery' => '', 'waterLitres' => '20', 'skimmerOn' => true,
                'lightHours' => '8', 'spirit' => '1,5',
            ]]],
            ['POST', '/forecast/media/preview', static fn (): array => ['weeks' => 4, 'levers' => [
                'feedTimes' => '1', 'mediaGrams' => '40', 'skimmerOn' => true,
            ]]],
            ['POST', '/forecast/courses', static fn (): array => ['name' => 'x', 'levers' => ['feedTimes' => '1']]],
            ['POST', '/media/dose/preview', static fn (): array => [
                'medium' => 'gfo', 'where' => 'gfo', 'amount' => '80', 'unit' => 'g', 'level' => '0,05', 'days' => '60',
            ]],
            ['POST', '/media', static fn (): array => [
                'medium' => 'alumina', 'where' => 'bag', 'amount' => '2', 'unit' => 'cups', 'stay' => '3',
                'topUp' => true, 'prepared' => 'rinsed', 'maker' => '3 cups', 'because' => 'first use',
            ]],
            ['POST', '/trials/preview', fn (): array => self::trial()],
            ['POST', '/trials', fn (): array => self::trial()],
            ['POST', '/trials/tank/preview', fn (): array => self::tankTrial()],
            ['POST', '/trials', fn (): array => self::tankTrial()],
            ['POST', '/trials', static fn (): array => ['file' => '{"format":"ithys-trial-file","schema":1}']],
            ['PUT', '/trials/1/readings', static fn (): array => [
                'cells' => ['no3 U1 0' => '8.5', 'no3 U2 0' => '<0.5'],
            ]],
            ['POST', '/trials/1/table', static fn (): array => ['table' => "day,U1,U2\n0,8.5,9"]],
            ['PUT', '/trials/1/lessons', static fn (): array => ['text' => "a spare jar\nread in the morning"]],
            ['POST', '/trials/2/switches/0', static fn (): array => ['day' => '2026-03-04']],
            ['PUT', '/trials/2/change', static fn (): array => ['entry' => '1']],
            ['POST', '/trials/1/start', static fn (): array => ['day' => '0']],
            ['POST', '/trials/1/amendments', static fn (): array => ['text' => 'a new kit']],
            ['PUT', '/care/plan', static fn (): array => ['off' => [6, 7]]],
            ['PUT', '/care/cup/doer', static fn (): array => ['who' => 'Noor']],
            ['POST', '/care/stock', fn (): array => [
                'consumable' => 'pad', 'name' => 'Pads', 'size' => '30 cm', 'place' => 'shelf', 'per_pack' => '10',
                'price' => '9', 'delivery_days' => '5', 'opened' => '2026-03-04', 'best_before' => '', 'amount' => '4',
                'tanks' => [$this->system->id],
            ]],
            ['POST', '/care/stock/1/bought', static fn (): array => ['amount' => '10']],
            ['POST', '/care/incidents', static fn (): array => [
                'what' => 'flood', 'when' => 'yesterday 18:00', 'hours' => '2', 'litres' => '12', 'minutes' => '90',
                'cause' => 'a hose', 'did' => 'a new hose',
            ]],
            ['POST', '/care/first-hour', static fn (): array => ['levels' => 'ok', 'valve' => '2 turns']],
            ['PUT', '/care/cup', static fn (): array => ['days' => '5', 'why' => 'a big cup']],
            ['POST', '/care/sitters', static fn (): array => [
                'name' => 'Noor', 'from' => '2099-01-02', 'to' => '2099-01-09', 'food' => '2 g', 'call' => 'me',
                'notes' => '',
            ]],
            ['PUT', '/media/school', static fn (): array => ['school' => 'month']],
            ['POST', '/media/ramp', static fn (): array => ['source' => 'vinegar']],
            ['POST', '/media/ozone/preview', static fn (): array => [
                'onBelow' => '400', 'offAt' => '410', 'from' => '23', 'hours' => '2', 'output' => '6',
                'hasProbe' => true, 'hasRatedSkimmer' => true, 'cleansExhaust' => true,
            ]],
            ['POST', '/alerts', static fn (): array => ['alert' => 'rises no3', 'days' => '7', 'reason' => 'I know']],
            ['DELETE', '/alerts', static fn (): array => ['alert' => 'rises no3']],
            ['PUT', '/assumptions/fall-share', static fn (): array => ['value' => '40', 'why' => 'mine']],
            ['POST', '/assumptions/fall-share', static fn (): array => ['undo' => '1']],
            ['DELETE', '/assumptions/fall-share', static fn (): array => ['why' => 'mine']],
            ['POST', '/section/in-force', static fn (): array => ['since' => '2026-03-04', 'version' => 1]],
            ['PUT', '/target', static fn (): array => ['school' => 'balanced']],
            [
                'POST',
                '/photos',
                fn (): array => ['caption' => 'Left side', 'day' => '2026-03-04', 'photo' => $this->picture()],
            ],
            ['POST', '/drafts', static fn (): array => ['style' => 'canister', 'empty' => true, 'copy' => null]],
            ['POST', "/drafts/{$draft->id}/in-force", static fn (): array => ['since' => '2026-03-04']],
        ];
        $requests = [];
        foreach ($bodies as [$method, $route, $body]) {
            $requests[] = [
                "{$method} {$route}",
                fn (): TestResponse => $this->asJsonOrForm($method, $this->at.$route, $this->spoiled($body())),
            ];
        }
        foreach (
            [
                '/path',
                '/path/compare',
                '/journal',
                '/path/styles',
                '/ledger',
                '/forecast',
                '/media',
                '/media/dose',
                '/media/organic',
                '/media/others',
                '/media/ozone',
                '/assumptions',
                '/care',
                '/care/stock',
                '/care/costs',
                '/care/incidents',
                '/section/sheet',
                '/section/cuts.svg',
                '/section/cuts.dxf',
                '/section/sump.json',
                '/path/water',
                '/stops/socks',
                '/section',
                '/section/build',
                '/bin',
                '/readings.csv',
                '/journal.csv',
                '/import',
            ] as $page
        ) {
            $query = [
                'item' => 'x',
                'draft' => '1',
                'a' => 'd1',
                'b' => 'r1',
                'range' => '1y',
                'window' => '42',
                'wanted' => '0.2',
                'change' => '1',
                'view' => 'table',
                'words' => 'no3',
                'find' => '1',
                'page' => '1',
            ];
            $requests[] = [
                "GET {$page}",
                fn (): TestResponse => $this->test->get(
                    $this->at.$page.'?'.http_build_query($this->spoiled($query)),
                ),
            ];
        }
        foreach (
            [
                ['DELETE', '/journal/%s'],
                ['GET', '/trials/%s'],
                ['POST', '/trials/%s/end'],
                ['DELETE', '/care/stock/%s'],
                ['POST', '/care/stock/%s/counted'],
                ['POST', '/care/stock/%s/restore'],
                ['DELETE', '/photos/%s'],
                ['DELETE', '/media/ramp/%s'],
                ['GET', '/stops/%s'],
                ['POST', '/forecast/courses/%s/plan'],
                ['DELETE', '/forecast/courses/%s'],
                ['POST', '/forecast/courses/%s/restore'],
                ['POST', '/photos/%s/restore'],
                ['GET', '/photos/%s/picture'],
                ['PUT', '/assumptions/%s'],
                ['DELETE', '/assumptions/%s'],
                ['POST', '/bin/batch/%s/restore'],
                ['POST', '/sump-revisions/%s/take-back'],
                ['POST', '/sump-revisions/%s/restore'],
                ['POST', '/path-revisions/%s/restore'],
                ['DELETE', '/drafts/%s'],
                ['GET', '/path/%s/path.json'],
                ['GET', '/path/%s/path.svg'],
                ['GET', '/section/cuts.%s'],
                ['GET', '/journal/%s'],
                ['PUT', '/journal/%s'],
                ['POST', '/bin/%s/restore'],
                ['POST', '/path-revisions/%s/take-back'],
                ['POST', '/drafts/%s/restore'],
                ['GET', '/path/%s/parts'],
                ['POST', '/journal/undo/%s'],
                ['GET', '/import/%s'],
            ] as [$method, $route]
        ) {
            $requests[] = [
                "{$method} {$route}",
                fn (): TestResponse => $this->test->call(
                    $method,
                    $this->at
                        .sprintf(
                            $route,
                            rawurlencode((string) json_encode($this->pick(self::NOISE), JSON_INVALID_UTF8_IGNORE)),
                        ),
                ),
            ];
        }
        $requests[] = [
            'POST /import',
            function (): TestResponse {
                $bytes = $this->scratched($this->encoded($this->pick(self::TABLES)));
                $answer = $this->test->post("{$this->at}/import", [
                    'file' => UploadedFile::fake()->createWithContent('mine.csv', $bytes),
                ]);
                $address = (string) $answer->headers->get('Location');

                return preg_match('~/import/\w{26}~', $address) === 1
                    ? $this->test->call(
                        $this->random->getInt(0, 1) === 0 ? 'GET' : 'POST',
                        $address,
                        $this->spoiled([
                            'dates' => 'dmy',
                            'separator' => ';',
                            'decimals' => 'comma',
                            'uses' => ['date', 'no3'],
                            'units' => ['', 'ppb'],
                            'limits' => ['', '0.5'],
                            'because' => 'an old book',
                            'show' => 'refused',
                            'page' => '1',
                        ]),
                    )
                    : $answer;
            },
        ];
        $requests[] = [
            'POST /drafts/import',
            fn (): TestResponse => $this->test->post("{$this->at}/drafts/import", [
                'file' => UploadedFile::fake()->createWithContent(
                    'path.json',
                    $this->scratched(
                        (string) json_encode(
                            $this->spoiled(Template::of(Style::Sump)->toArray()),
                            JSON_INVALID_UTF8_SUBSTITUTE,
                        ),
                    ),
                ),
            ]),
        ];
        $requests[] = [
            'PUT /settings',
            fn (): TestResponse => $this->asJsonOrForm(
                'PUT',
                '/settings',
                $this->spoiled(['name' => 'Kim', 'timezone' => 'Europe/Berlin', 'units' => 'metric']),
            ),
        ];

        return $requests;
    }

    /** @param  array<mixed>  $body */
    private function asJsonOrForm(string $method, string $path, array $body): TestResponse
    {
        $json = json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE);

        return $json !== false && $this->random->getInt(0, 2) > 0
            ? $this->test->call(
                $method,
                $path,
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: $json,
            )
            : $this->test->call($method, $path, $body);
    }

    /**
     * The same tree with up to three places spoiled.
     *
     * @param  array<mixed>  $tree
     * @return array<mixed>
     */
    private function spoiled(array $tree): array
    {
        for ($n = $this->random->getInt(0, 3); $n > 0; $n--) {
            $at = &$tree;
            for ($depth = $this->random->getInt(1, 7); $depth > 0 && is_array($at) && $at !== []; $depth--) {
                $at = &$at[$this->pick(array_keys($at))];
            }
            $at = $this->pick(self::NOISE);
            unset($at);
        }

        return $tree;
    }

    private function line(): string
    {
        $words = [
            'no3',
            '8.5',
            'po4',
            '<0.02',
            'ppb',
            'cloudy',
            'sock',
            'changed',
            'soiling',
            '4',
            'gfo',
            '120',
            'g',
            'reactor',
            'water',
            'change',
            '40',
            'l',
            '10',
            '%',
            'fed',
            'flake',
            'yesterday',
            '3',
            'days',
            'ago',
            '20:15',
            '02:30+02:00',
            '2026-03-04',
            '0206-01-01',
            'skimmer',
            'off',
            'note',
            '999999999999',
            '-1',
            '½',
            "\t",
            "a\0b",
            "f\x81r",
            'sure',
            'because',
            'vinegar',
            'lanthanum',
            'holding',
            'stopped',
            'no',
            '24/11',
            '1/2',
            '9999',
            'weeks',
            'ago',
        ];

        return implode(
            ' ',
            array_map(fn (): string => (string) $this->pick($words), range(1, $this->random->getInt(1, 12))),
        );
    }

    /** A text with up to three bytes changed, taken out or put in. */
    private function scratched(string $text): string
    {
        for ($n = $this->random->getInt(0, 3); $n > 0 && $text !== ''; $n--) {
            $at = $this->random->getInt(0, strlen($text) - 1);
            $text = substr_replace(
                $text,
                $this->pick(["\x81", "\xFF", "\0", '"', ',', '', '[', '9999999999', "\xD8\x00", "\r"]),
                $at,
                $this->random->getInt(0, 2),
            );
        }

        return $text;
    }

    private function encoded(string $text): string
    {
        [$mark, $encoding] = $this->pick([
            ['', 'UTF-8'],
            ["\xFF\xFE", 'UTF-16LE'],
            ["\xFE\xFF", 'UTF-16BE'],
            ['', 'Windows-1252'],
        ]);

        return $mark.mb_convert_encoding($text, $encoding, 'UTF-8');
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        $of = array_values($of);

        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /** A picture with some of its bytes spoiled, or whole. */
    private function picture(): UploadedFile
    {
        $image = imagecreatetruecolor(12, 8);
        ob_start();
        $this->random->getInt(0, 1) === 0 ? imagejpeg($image) : imagepng($image);

        return UploadedFile::fake()->createWithContent('x.jpg', $this->scratched((string) ob_get_clean()));
    }
}
