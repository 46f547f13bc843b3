<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Document\Unfinished;
use Ithys\Panel\Material;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Cutting\WorkshopDocument;
use Ithys\Sump\Rear\RearWall;
use Ithys\Sump\Tray\TrayDocument;

/** Reads the document of a sump, as it is stored or as its keeper types it. */
final class SumpDocument
{
    private const MOST_PARTS = 40;

    /** The ways to parts that stand in the water, by how their places begin; below those to what is only cut. */
    private const PARTS = [
        'baffle' => ['baffles', '*'],
        'placed' => ['placed', '*'],
        'tray' => ['trays', '*'],
        'tank' => ['tanks', '*'],
        'layer' => ['workshop', 'basket', 'use', 'layers', '*'],
        'basket' => ['workshop', 'basket'],
    ];

    private const CUT_PARTS = ['pad' => ['workshop', 'pads', '*'], 'stock' => ['workshop', 'stock', '*']];

    /**
     * @param  array<mixed>  $typed
     *
     * @throws Refused with a sentence at every place that cannot be read
     */
    public static function typed(array $typed, UnitSystem $units): SumpDesign
    {
        return self::read(Reader::typed($typed, $units));
    }

    /**
     * What can be read of a sump while it is typed.
     *
     * @param  array<mixed>  $typed
     * @param  bool  $whole  whether a baffle, tray or device that cannot be read is waited for; what is only cut is not
     * @return array{?SumpDesign, array<string, string>} and a sentence at every place that cannot be read
     */
    public static function partly(array $typed, UnitSystem $units, bool $whole): array
    {
        $problems = [];
        try {
            return [self::typed($typed, $units), []];
        } catch (Refused $invalid) {
            $problems = $invalid->problems;
        }
        $parts = $whole ? self::CUT_PARTS : [...self::CUT_PARTS, ...self::PARTS];
        $places = array_keys($problems);
        $droppable = ! $whole
            ? $places
            : array_values(array_filter(
                $places,
                static fn (string $place): bool => isset($parts[explode('.', $place)[0]]),
            ));
        try {
            return [self::typed(Unfinished::leftOut($typed, $droppable, $parts), $units), $problems];
        } catch (Refused) {
            return [null, $problems];
        }
    }

    /**
     * @param  array<mixed>  $document  as {@see SumpDesign::toArray()} made it
     *
     * @throws Refused
     */
    public static function stored(array $document): SumpDesign
    {
        return self::read(
            Reader::stored($document, 'section', 'a sump', SumpDesign::FORMAT, SumpDesign::SCHEMA),
        );
    }

    private static function read(Reader $from): SumpDesign
    {
        self::countParts($from);
        self::refuseDoubles($from);
        $mm = SumpFields::mm(...);
        $litres = SumpFields::litres(...);
        $design = new SumpDesign(
            new Vessel(
                $from->needed($mm('lengthMm', 'The inner length', 100.0, 5_000.0)),
                $from->needed($mm('widthMm', 'The inner width', 50.0, 2_000.0)),
                $from->needed($mm('heightMm', 'The inner height', 50.0, 1_500.0)),
                $from->needed($mm('wallMm', 'The wall', 2.0, 40.0)),
                $from->optionalWord('material', Material::class, 'material') ?? Material::Glass,
                $from->flag('braced'),
                $from->figure($mm('bottomMm', 'The bottom', 2.0, 40.0)),
                $from->flag('bottomOnEdges'),
            ),
            new SumpWater(
                $from->needed($mm('returnLevelMm', 'The running water in the return chamber', 1.0, 1_500.0)),
                $from->needed($mm('pumpMinimumMm', 'The least water of the pump', 0.0, 1_500.0)),
                $from->figure($mm('fallMm', 'The fall of the display', 0.0, 1_000.0)),
                $from->figure($litres('boxLitres', 'The water in the overflow box', 0.0, 500.0)),
                $from->figure($litres('evaporationLitresADay', 'The evaporation a day', 0.01, 200.0)),
                $from->figure($litres('reservoirLitres', 'The top-off reservoir', 0.1, 2_000.0)),
            ),
            new Inside(
                array_map(self::baffle(...), $from->list('baffles')),
                array_map(self::placed(...), $from->list('placed')),
                array_map(TrayDocument::read(...), $from->list('trays')),
                $from->has('rear') ? self::rear($from->group('rear', 'rear')) : null,
            ),
            PlumbingDocument::read($from->group('plumbing', 'plumbing')),
            WorkshopDocument::read($from->group('workshop', 'workshop')),
            new Cabinet(
                $from->figure($mm('cabinetMm', 'The clear height of the cabinet', 100.0, 3_000.0)),
                $from->figure($mm('cabinetLengthMm', 'The clear length of the cabinet', 100.0, 6_000.0)),
                $from->figure($mm('cabinetWidthMm', 'The clear width of the cabinet', 50.0, 3_000.0)),
            ),
            $from->flag('toTheLeft'),
            array_map(self::further(...), $from->list('tanks')),
        );
        $from->close();

        return $design;
    }

    private static function countParts(Reader $from): void
    {
        $trays = $from->list('trays');
        $parts = count($from->keys('baffles'))
            + count($from->keys('placed'))
            + count($trays)
            + array_sum(array_map(static fn (Reader $tray): int => count($tray->keys('openings')), $trays));
        if ($parts > self::MOST_PARTS) {
            $from->noteAt('section', sprintf(
                'A sump can have %d baffles, devices, trays and openings; this one has %d.',
                self::MOST_PARTS,
                $parts,
            ));
        }
    }

    /** A part is found again by its id, in findings and on the cut sheet. */
    private static function refuseDoubles(Reader $from): void
    {
        $trays = $from->list('trays');
        $groups = [
            [...$from->list('baffles'), ...$from->list('placed'), ...$trays, ...$from->group('workshop')->list('pads')],
            ...array_map(static fn (Reader $tray): array => $tray->list('openings'), $trays),
        ];
        foreach ($groups as $parts) {
            $ids = array_count_values(array_map(static fn (Reader $part): string => $part->text('id'), $parts));
            foreach (array_keys(array_filter($ids, static fn (int $times): bool => $times > 1)) as $id) {
                $from->noteAt('section', "Two parts have the id “{$id}”; give each its own.");
            }
        }
    }

    private static function baffle(Reader $from): Baffle
    {
        $id = $from->text('id', 80);
        $from = $from->at("baffle.{$id}");
        $kind = BaffleKind::tryFrom($from->text('kind'));
        if ($kind === null) {
            $from->note('This is not a kind of baffle known here.');
        }

        return new Baffle(
            $id,
            $kind ?? BaffleKind::Weir,
            $from->needed(SumpFields::mm('atMm', 'The place of the baffle', -1_000.0, 6_000.0)),
            $from->needed(SumpFields::mm('thicknessMm', 'The thickness of the baffle', 1.0, 40.0)),
            $from->needed(SumpFields::mm('topMm', 'The top of the baffle', 5.0, 2_000.0)),
            $kind === BaffleKind::Under
                ? $from->needed(SumpFields::mm('gapMm', 'The gap under the baffle', 1.0, 1_000.0))
                : 0.0,
            $kind === BaffleKind::Comb ? $from->needed(SumpFields::openShare()) : 1.0,
        );
    }

    private static function rear(Reader $from): RearWall
    {
        $mm = SumpFields::mm(...);

        return new RearWall(
            $from->needed($mm('crestMm', 'The foot of the slots', 5.0, 1_500.0)),
            $from->needed($mm('slotTopMm', 'The upper end of the slots', 5.0, 1_500.0)),
            $from->needed($mm('slotsMm', 'The length of the slotted part', 5.0, 3_000.0)),
            $from->needed(SumpFields::openShare()),
            $from->needed($mm('thicknessMm', 'The thickness of the wall', 1.0, 40.0)),
            $from->figure($mm('nozzleMm', 'The mouth of the return', 1.0, 2_000.0)),
            $from->figure($mm('lidMm', 'The underside of the lid', 10.0, 2_500.0)),
        );
    }

    private static function further(Reader $from): FurtherTank
    {
        $line = $from->text('line', 80);
        $from = $from->at("tank.{$line}");
        $mm = SumpFields::mm(...);
        $edge = $from->figure($mm('overflowMm', 'The edge of the overflow', 10.0, 5_000.0));

        return new FurtherTank(
            $line,
            $from->figure($mm('lengthMm', 'The inner length', 50.0, 10_000.0)),
            $from->figure($mm('widthMm', 'The inner width', 50.0, 5_000.0)),
            $from->figure($mm('fallMm', 'The fall of the tank', 0.0, 1_000.0)),
            $from->figure(SumpFields::litres('boxLitres', 'The water in the overflow box', 0.0, 500.0)),
            $edge === null ? null : new Overflow($edge),
            new PipeRun(
                $from->figure($mm('drainBoreMm', 'The bore of the drain', 4.0, 200.0)),
                $from->figure($mm('drainLengthMm', 'The length of the drain', 1.0, 100_000.0)),
                $from->figure($mm('drainFallMm', 'The fall of the drain', 1.0, 20_000.0)),
                PlumbingDocument::fittings($from, 'drainFittings'),
            ),
            new PipeRun(
                $from->figure($mm('boreMm', 'The bore of the return pipe', 4.0, 200.0)),
                $from->figure($mm('pipeLengthMm', 'The length of the return pipe', 1.0, 100_000.0)),
            ),
        );
    }

    private static function placed(Reader $from): Placed
    {
        $id = $from->text('id', 80);
        $from = $from->at("placed.{$id}");

        return new Placed(
            $id,
            $from->optionalWord('kind', DeviceKind::class, 'kind of device') ?? DeviceKind::Other,
            $from->text('name', 80),
            $from->whole(SumpFields::chamber()) ?? 0,
            new Size(
                $from->needed(SumpFields::mm('lengthMm', 'The length', 1.0, 2_000.0)),
                $from->needed(SumpFields::mm('widthMm', 'The width', 1.0, 2_000.0)),
                $from->needed(SumpFields::mm('heightMm', 'The height', 1.0, 2_000.0)),
            ),
            $from->figure(SumpFields::mm('standMm', 'The stand', 0.0, 1_000.0)) ?? 0.0,
            new Depth(
                $from->figure(SumpFields::mm('depthLowMm', 'The least depth', 0.0, 1_500.0)),
                $from->figure(SumpFields::mm('depthHighMm', 'The greatest depth', 0.0, 1_500.0)),
            ),
            $from->text('item', 80),
        );
    }
}
