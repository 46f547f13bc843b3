<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;

/** The invented path of the demo tank, with a few things a reviewer would say, and a draft of how it might go on. */
final class DemoPath
{
    public const ROOM = [
        'cabinetLengthMm' => 960.0,
        'cabinetWidthMm' => 440.0,
        'cabinetHeightMm' => 720.0,
        'budget' => 400.0,
        'noise' => 'little',
        'spill' => 'little',
        'skill' => 'some',
        'pricePerKilowattHour' => 0.31,
        'drilled' => true,
        'cleanLook' => true,
    ];

    public static function lay(System $system, User $keeper, DateTimeImmutable $since): void
    {
        $now = self::path('Socks and GFO reactor', self::socks(), 1);
        $draft = $system
            ->drafts()
            ->create(['user_id' => $keeper->id, 'name' => $now->name, 'document' => $now->toArray()]);
        $system
            ->pathRevisions()
            ->create([
                'user_id' => $keeper->id,
                'path_draft_id' => $draft->id,
                'in_force_from' => Journal::stamp($since),
                'document' => $now->toArray(),
            ]);
        $next = self::path('With a fleece roller', self::roller(), 0);
        $system
            ->drafts()
            ->create([
                'user_id' => $keeper->id,
                'name' => $next->name,
                'document' => $next->toArray(),
                'created_at' => $since,
                'updated_at' => $since,
            ]);
    }

    /** @return list<array<string, mixed>> */
    private static function socks(): array
    {
        return [
            [
                'id' => 'socks',
                'kind' => 'sock',
                'name' => 'Felt socks',
                'tag' => 'mechanical',
                'figures' => ['count' => 2, 'micron' => 200],
                'choices' => ['material' => 'felt', 'hole' => '4in'],
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function roller(): array
    {
        return [
            [
                'id' => 'roller',
                'kind' => 'roller',
                'name' => 'Drop-in roller',
                'tag' => 'mechanical',
                'figures' => ['count' => 1, 'micron' => 150, 'spareHoles' => 1, 'watts' => 6],
                'choices' => ['feed' => 'drop-in', 'hole' => '4in'],
            ],
        ];
    }

    /** @param  list<array<string, mixed>>  $mechanical */
    private static function path(string $name, array $mechanical, int $pads): Path
    {
        $first = $mechanical[0]['id'];

        return PathDocument::stored([
            'format' => Path::FORMAT,
            'schema' => Path::SCHEMA,
            'name' => $name,
            'style' => 'sump',
            'litresPerHour' => null,
            'stockNow' => 'medium',
            'stockPlanned' => 'heavy',
            'lines' => [
                [
                    'id' => 'main',
                    'items' => [
                        [
                            'id' => 'overflow',
                            'kind' => 'overflow-drilled',
                            'name' => 'Weir box',
                            'choices' => ['fitting' => 'metric'],
                            'flags' => ['emergency'],
                        ],
                        ...$mechanical,
                        [
                            'id' => 'skimmer',
                            'kind' => 'skimmer',
                            'tag' => 'its own stage',
                            'figures' => [
                                'claimLowLitres' => 200,
                                'claimHighLitres' => 450,
                                'airLitresPerHour' => 480,
                                'watts' => 14,
                            ],
                        ],
                        [
                            'id' => 'refugium',
                            'kind' => 'refugium',
                            'tag' => 'biological',
                            'note' => 'Chaetomorpha from the club table.',
                            'figures' => ['capacityLitres' => 11, 'watts' => 18, 'hoursPerDay' => 9],
                        ],
                        ['id' => 'comb', 'kind' => 'comb'],
                        [
                            'id' => 'carbon',
                            'kind' => 'bag',
                            'name' => 'Carbon bag',
                            'tag' => 'chemical',
                            'figures' => ['capacityLitres' => 0.5],
                            'media' => [['medium' => 'activated-carbon', 'grams' => 60]],
                        ],
                        ...$pads > 0
                            ? [
                                [
                                    'id' => 'pad',
                                    'kind' => 'pad',
                                    'name' => 'Catch pad',
                                    'choices' => ['grade' => 'fine'],
                                ],
                            ]
                            : [],
                        ['id' => 'trap', 'kind' => 'bubble-trap'],
                        [
                            'id' => 'heater',
                            'kind' => 'heater',
                            'figures' => ['watts' => 250, 'hoursPerDay' => 5, 'coverMm' => 6],
                        ],
                        ['id' => 'topoff', 'kind' => 'top-off', 'figures' => ['capacityLitres' => 20]],
                        [
                            'id' => 'return',
                            'kind' => 'return-pump',
                            'choices' => ['fitting' => 'metric'],
                            'figures' => ['watts' => 28, 'flowLimitLitresPerHour' => 2600, 'givesUpLitres' => 9],
                        ],
                    ],
                ],
                [
                    'id' => 'gfo-line',
                    'name' => 'GFO on a manifold',
                    'from' => 'return',
                    'to' => $first,
                    'litresPerHour' => 180,
                    'items' => [
                        [
                            'id' => 'gfo',
                            'kind' => 'reactor',
                            'name' => 'GFO reactor',
                            'tag' => 'chemical',
                            'figures' => ['capacityLitres' => 0.6],
                            'media' => [['medium' => 'gfo', 'grams' => 85]],
                        ],
                    ],
                ],
            ],
            'removed' => [
                [
                    'id' => 'canister',
                    'kind' => 'biological',
                    'name' => 'Old ceramic rings',
                    'keptBecause' => 'Seed for a quarantine tank.',
                    'keptWhere' => 'bucket in the cellar, aerated',
                ],
            ],
        ]);
    }
}
