<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** A plain good sump under a plain tank, to be spoiled in one place or another; and what is then said of it. */
final class Sketched
{
    private const BAFFLES = [
        'socks' => ['kind' => 'weir', 'atMm' => 150, 'topMm' => 310],
        'skim' => ['kind' => 'weir', 'atMm' => 410, 'topMm' => 205],
        'over' => ['kind' => 'weir', 'atMm' => 590, 'topMm' => 195],
        'under' => ['kind' => 'under', 'atMm' => 630, 'topMm' => 300, 'gapMm' => 30],
        'last' => ['kind' => 'weir', 'atMm' => 670, 'topMm' => 185],
    ];

    private const PLUMBING = [
        'pumpLitresPerHour' => 3000,
        'pumpHeadMetres' => 3,
        'liftMm' => 1350,
        'boreMm' => 21,
        'lengthMm' => 2000,
        'fittings' => ['elbow-90' => 3],
        'drainBoreMm' => 32,
        'drainLengthMm' => 1200,
        'drainFallMm' => 900,
        'emergencyBoreMm' => 32,
        'emergencyLengthMm' => 1200,
        'emergencyFallMm' => 900,
        'overflowMm' => 300,
    ];

    private const REAR = [
        'crestMm' => 310,
        'slotTopMm' => 350,
        'slotsMm' => 120,
        'openShare' => 0.5,
        'thicknessMm' => 5,
        'nozzleMm' => 300,
        'lidMm' => 372,
    ];

    private const BASKET = [
        'lengthMm' => 175,
        'widthMm' => 100,
        'heightMm' => 300,
        'clearanceMm' => 1.5,
        'thicknessMm' => 3,
        'shelves' => 3,
        'inletMm' => 40,
        'use' => [
            'chamber' => 1,
            'standMm' => 20,
            'sealed' => true,
            'layers' => [
                ['id' => 'pad', 'shelf' => 1, 'kind' => 'coarse-pad', 'heightMm' => 20],
                ['id' => 'carbon', 'shelf' => 2, 'kind' => 'media', 'medium' => 'activated-carbon'],
            ],
        ],
    ];

    private const BEHIND = [
        'format' => SumpDesign::FORMAT,
        'schema' => SumpDesign::SCHEMA,
        'lengthMm' => 600,
        'widthMm' => 100,
        'heightMm' => 380,
        'wallMm' => 6,
        'returnLevelMm' => 240,
        'pumpMinimumMm' => 80,
        'evaporationLitresADay' => 0.6,
        'reservoirLitres' => 2,
        'baffles' => [
            ['id' => 'first', 'kind' => 'weir', 'atMm' => 140, 'thicknessMm' => 5, 'topMm' => 297],
            ['id' => 'second', 'kind' => 'under', 'atMm' => 325, 'thicknessMm' => 5, 'topMm' => 340, 'gapMm' => 30],
            ['id' => 'third', 'kind' => 'weir', 'atMm' => 380, 'thicknessMm' => 5, 'topMm' => 270],
        ],
    ];

    private const REST = [
        'format' => SumpDesign::FORMAT,
        'schema' => SumpDesign::SCHEMA,
        'lengthMm' => 828,
        'widthMm' => 388,
        'heightMm' => 392,
        'wallMm' => 8,
        'returnLevelMm' => 165,
        'pumpMinimumMm' => 60,
        'fallMm' => 18,
        'boxLitres' => 3,
        'evaporationLitresADay' => 2,
        'cabinetMm' => 800,
    ];

    /**
     * The document with other figures: of the whole, of "baffles" and "plumbing" by name; null takes one out.
     *
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function document(array $with = []): array
    {
        $baffles = [];
        foreach (array_replace_recursive(self::BAFFLES, $with['baffles'] ?? []) as $id => $baffle) {
            if ($baffle !== null) {
                $baffles[] = ['id' => $id, 'thicknessMm' => 8, ...$baffle];
            }
        }
        $plumbing = array_filter(
            array_replace(self::PLUMBING, $with['plumbing'] ?? []),
            static fn (mixed $value): bool => $value !== null,
        );
        $rest = array_diff_key($with, ['baffles' => 0, 'plumbing' => 0]);

        return array_filter(
            [...self::REST, ...$rest, 'baffles' => $baffles, 'plumbing' => $plumbing],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /** @param  array<string, mixed>  $with */
    public static function sump(array $with = []): SumpDesign
    {
        return SumpDocument::stored(self::document($with));
    }

    /**
     * Chambers behind a display, good as they are, with other figures: of the whole, "rear" and "basket"; null takes
     * one out.
     *
     * @param  array<string, mixed>  $with
     */
    public static function behind(array $with = []): SumpDesign
    {
        $given = static fn (array $figures): array => array_filter(
            $figures,
            static fn (mixed $value): bool => $value !== null,
        );
        $basket = array_replace(self::BASKET, $with['basket'] ?? []);
        $basket['use'] = array_replace(self::BASKET['use'], $with['basket']['use'] ?? []);
        $rest = array_diff_key($with, ['rear' => 0, 'basket' => 0]);

        return SumpDocument::stored($given([
            ...self::BEHIND,
            'rear' => $given(array_replace(self::REAR, $with['rear'] ?? [])),
            'workshop' => ['basket' => $given($basket)],
            ...$rest,
        ]));
    }

    public static function tank(?Display $display = null, ?float $flow = 2000.0): Tank
    {
        return new Tank(
            $display ?? Display::box(900, 400, 450, 40),
            new BesideDisplay(0, 0),
            new Ground(0, 0),
            new Conditions(35, 25),
            $flow,
            TurnoverSchool::Moderate,
        );
    }

    /** @return array<string, Said> by code and, with an @, by code and part */
    public static function said(
        SumpDesign $sump,
        ?Tank $tank = null,
        ?Path $path = null,
        UnitSystem $units = UnitSystem::Metric,
    ): array {
        $said = [];
        foreach (Said::all($sump->review($tank ?? self::tank(), $path)->findings, $units) as $finding) {
            $said[$finding->code] ??= $finding;
            $said["{$finding->code}@{$finding->at}"] = $finding;
        }

        return $said;
    }

    /**
     * @param  array<string, Said>  $said
     * @return list<string> codes of what is a fault or a caution
     */
    public static function grave(array $said): array
    {
        return array_values(array_filter(
            array_keys($said),
            static fn (string $code): bool => ! str_contains($code, '@')
                && in_array($said[$code]->severity, [Severity::Fault, Severity::Caution], true),
        ));
    }

    /**
     * A device by its measures, length, width and height in mm.
     *
     * @param  array{float|int, float|int, float|int}  $size
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function device(string $kind, int $chamber, array $size, array $more = []): array
    {
        return [
            'id' => $kind,
            'kind' => $kind,
            'name' => ucfirst($kind),
            'chamber' => $chamber,
            'lengthMm' => $size[0],
            'widthMm' => $size[1],
            'heightMm' => $size[2],
            'standMm' => 0,
            ...$more,
        ];
    }

    /**
     * A tray in the first chamber, its openings by kind: diameter, or length and width; how far they stand and hang.
     *
     * @param  array<string, array<string, float|int>>  $openings
     * @return array<string, mixed>
     */
    public static function tray(float $topMm, array $openings, int $chamber = 0): array
    {
        return [
            'id' => 'tray',
            'kind' => 'tray',
            'chamber' => $chamber,
            'topMm' => $topMm,
            'thicknessMm' => 8,
            'openings' => array_map(
                static fn (string $kind, array $figures): array => [
                    'id' => $kind,
                    'kind' => $kind,
                    'standsMm' => 0,
                    'hangsMm' => 0,
                    ...$figures,
                ],
                array_keys($openings),
                $openings,
            ),
        ];
    }
}
