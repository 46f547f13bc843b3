<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Fitting;
use Ithys\Flow\InvalidCurve;
use Ithys\Flow\PumpCurve;
use Ithys\Flow\Throttle;
use Ithys\Panel\Material;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Cutting\TypedWorkshop;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TypedTray;

/**
 * Reads a sump as typed: its document with every figure as text. A bare length is in mm, or in inches where US units
 * are chosen.
 *
 * The stored document is read by the same reader, its numbers written as text in base units.
 */
final class TypedSection
{
    private const MOST_PARTS = 40;

    /** Figure => dimension, least, most (base units), what it is called, whether it is needed. */
    private const FIGURES = [
        'lengthMm' => [Dimension::Length, 100.0, 5_000.0, 'The inner length', true],
        'widthMm' => [Dimension::Length, 50.0, 2_000.0, 'The inner width', true],
        'heightMm' => [Dimension::Length, 50.0, 1_500.0, 'The inner height', true],
        'wallMm' => [Dimension::Length, 2.0, 40.0, 'The wall', true],
        'returnLevelMm' => [Dimension::Length, 1.0, 1_500.0, 'The running water in the return chamber', true],
        'pumpMinimumMm' => [Dimension::Length, 0.0, 1_500.0, 'The least water of the pump', true],
        'fallMm' => [Dimension::Length, 0.0, 1_000.0, 'The fall of the display', false],
        'boxLitres' => [Dimension::Volume, 0.0, 500.0, 'The water in the overflow box', false],
        'evaporationLitresADay' => [Dimension::Volume, 0.01, 200.0, 'The evaporation a day', false],
        'reservoirLitres' => [Dimension::Volume, 0.1, 2_000.0, 'The top-off reservoir', false],
        'cabinetMm' => [Dimension::Length, 100.0, 3_000.0, 'The clear height of the cabinet', false],
        'bottomMm' => [Dimension::Length, 2.0, 40.0, 'The bottom', false],
    ];

    private const BAFFLE = [
        'atMm' => [Dimension::Length, -1_000.0, 6_000.0, 'The place of the baffle'],
        'thicknessMm' => [Dimension::Length, 1.0, 40.0, 'The thickness of the baffle'],
        'topMm' => [Dimension::Length, 5.0, 2_000.0, 'The top of the baffle'],
        'gapMm' => [Dimension::Length, 1.0, 1_000.0, 'The gap under the baffle'],
        'openShare' => [null, 0.05, 1.0, 'The open share of the comb'],
    ];

    private const PLACED = [
        'lengthMm' => [Dimension::Length, 1.0, 2_000.0, 'The length'],
        'widthMm' => [Dimension::Length, 1.0, 2_000.0, 'The width'],
        'heightMm' => [Dimension::Length, 1.0, 2_000.0, 'The height'],
        'standMm' => [Dimension::Length, 0.0, 1_000.0, 'The stand'],
        'depthLowMm' => [Dimension::Length, 0.0, 1_500.0, 'The least depth'],
        'depthHighMm' => [Dimension::Length, 0.0, 1_500.0, 'The greatest depth'],
    ];

    private const PLUMBING = [
        'pumpLitresPerHour' => [Dimension::Flow, 1.0, 500_000.0, 'The most flow of the pump'],
        'pumpHeadMetres' => [Dimension::Length, 10.0, 50_000.0, 'The most height of the pump'],
        'pumpWatts' => [null, 0.0, 5_000.0, 'The power of the pump'],
        'liftMm' => [Dimension::Length, 0.0, 20_000.0, 'The lift'],
        'boreMm' => [Dimension::Length, 4.0, 200.0, 'The bore of the return pipe'],
        'lengthMm' => [Dimension::Length, 1.0, 100_000.0, 'The length of the return pipe'],
        'drainBoreMm' => [Dimension::Length, 4.0, 200.0, 'The bore of the drain'],
        'drainLengthMm' => [Dimension::Length, 1.0, 100_000.0, 'The length of the drain'],
        'drainFallMm' => [Dimension::Length, 1.0, 20_000.0, 'The fall of the drain'],
        'valveOpen' => [null, Throttle::LEAST, 1.0, 'The opening of the valve'],
        'drainValveOpen' => [null, Throttle::LEAST, 1.0, 'The opening of the valve'],
        'emergencyBoreMm' => [Dimension::Length, 4.0, 200.0, 'The bore of the emergency pipe'],
        'emergencyLengthMm' => [Dimension::Length, 1.0, 100_000.0, 'The length of the emergency pipe'],
        'emergencyFallMm' => [Dimension::Length, 1.0, 20_000.0, 'The fall of the emergency pipe'],
        'overflowMm' => [Dimension::Length, 10.0, 5_000.0, 'The edge of the overflow'],
        'overflowOpenShare' => [null, 0.05, 1.0, 'The open share of the comb'],
    ];

    private const POINT = [
        'litresPerHour' => [Dimension::Flow, 0.0, 500_000.0, 'The flow at this point'],
        'headMetres' => [Dimension::Length, 0.0, 50_000.0, 'The height at this point'],
    ];

    private function __construct(private readonly Fields $fields)
    {
    }

    /**
     * @param  array<mixed>  $typed
     *
     * @throws InvalidSection with a sentence at every place that cannot be read
     */
    public static function read(array $typed, UnitSystem $units): SumpDesign
    {
        $reader = new self(new Fields($units));
        $design = $reader->design($typed);
        $problems = $reader->fields->problems();

        return $problems === [] ? $design : throw InvalidSection::places($problems);
    }

    /**
     * @param  array<mixed>  $document  as {@see SumpDesign::toArray()} made it
     *
     * @throws InvalidSection
     */
    public static function fromDocument(array $document): SumpDesign
    {
        if (
            ($document['format'] ?? null) !== SumpDesign::FORMAT
            || ($document['schema'] ?? null) !== SumpDesign::SCHEMA
        ) {
            throw InvalidSection::unreadable('This is not a sump of this version.');
        }

        return self::read(self::texts($document), UnitSystem::Metric);
    }

    /** @param  array<mixed>  $typed */
    private function design(array $typed): SumpDesign
    {
        $figures = [];
        foreach (self::FIGURES as $key => [$dimension, $least, $most, $name, $needed]) {
            $figures[$key] = $this->fields->figure($typed, $key, $key, [$dimension, $least, $most, $name]);
            if ($needed && $figures[$key] === null && ! isset($this->fields->problems()[$key])) {
                $this->fields->note($key, "{$name} is needed.");
            }
        }
        $baffles = Fields::list($typed, 'baffles');
        $placed = Fields::list($typed, 'placed');
        $trays = Fields::list($typed, 'trays');
        $parts
            = count($baffles)
            + count($placed)
            + array_sum(array_map(static fn (array $tray): int => 1 + count(Fields::list($tray, 'openings')), $trays));
        if ($parts > self::MOST_PARTS) {
            $this->fields->note(
                'section',
                sprintf(
                    'A sump can have %d baffles, devices, trays and openings; this one has %d.',
                    self::MOST_PARTS,
                    $parts,
                ),
            );
        }

        $this->refuseDoubles([
            ...$baffles,
            ...$placed,
            ...$trays,
            ...Fields::list(Fields::map($typed, 'workshop'), 'pads'),
        ]);
        array_map(fn (array $tray) => $this->refuseDoubles(Fields::list($tray, 'openings')), $trays);

        return new SumpDesign(
            $figures,
            ($typed['toTheLeft'] ?? false) === true,
            array_map($this->baffle(...), $baffles),
            array_map($this->placed(...), $placed),
            $this->plumbing(Fields::map($typed, 'plumbing')),
            Material::tryFrom(Fields::text($typed, 'material')) ?? Material::Glass,
            ($typed['braced'] ?? false) === true,
            array_map(fn (array $tray): Tray => TypedTray::read($tray, $this->fields), $trays),
            ($typed['bottomOnEdges'] ?? false) === true,
            TypedWorkshop::read(Fields::map($typed, 'workshop'), $this->fields),
        );
    }

    /**
     * A part is found again by its id, in findings and on the cut sheet.
     *
     * @param  list<array<mixed>>  $parts
     */
    private function refuseDoubles(array $parts): void
    {
        $ids = array_map(static fn (array $part): string => Fields::text($part, 'id'), $parts);
        $twice = array_filter(array_count_values($ids), static fn (int $times): bool => $times > 1);
        foreach (array_keys($twice) as $id) {
            $this->fields->note('section', "Two parts have the id “{$id}”; give each its own.");
        }
    }

    /** @param  array<mixed>  $typed */
    private function baffle(array $typed): Baffle
    {
        $id = Fields::text($typed, 'id');
        $kind = BaffleKind::tryFrom(Fields::text($typed, 'kind'));
        $read = fn (string $key, float $otherwise): float => $this->fields->needed(
            $typed,
            $key,
            "baffle.{$id}.{$key}",
            self::BAFFLE[$key],
            $otherwise,
        );
        if ($kind === null) {
            $this->fields->note("baffle.{$id}", 'This is not a kind of baffle known here.');
            $kind = BaffleKind::Weir;
        }

        return new Baffle($id, $kind, $read('atMm', 0.0), $read('thicknessMm', 6.0), $read('topMm', 100.0),
            $kind === BaffleKind::Under ? $read('gapMm', 30.0) : 0.0,
            $kind === BaffleKind::Comb ? $read('openShare', 0.5) : 1.0);
    }

    /** @param  array<mixed>  $typed */
    private function placed(array $typed): Placed
    {
        $id = Fields::text($typed, 'id');
        $read = fn (string $key, float $otherwise): float => $this->fields->needed(
            $typed,
            $key,
            "placed.{$id}.{$key}",
            self::PLACED[$key],
            $otherwise,
        );
        $maybe = fn (string $key): ?float => $this->fields->figure(
            $typed,
            $key,
            "placed.{$id}.{$key}",
            self::PLACED[$key],
        );
        $kind = Fields::text($typed, 'kind');

        return new Placed(
            $id,
            in_array($kind, ['skimmer', 'heater', 'pump', 'roller'], true) ? $kind : 'other',
            Fields::name($typed, 'name'),
            Fields::chamber($typed),
            $read('lengthMm', 100.0),
            $read('widthMm', 100.0),
            $read('heightMm', 100.0),
            $maybe('standMm') ?? 0.0,
            $maybe('depthLowMm'),
            $maybe('depthHighMm'),
            Fields::text($typed, 'item'),
        );
    }

    /** @param  array<mixed>  $typed */
    private function plumbing(array $typed): Plumbing
    {
        $read = fn (string $key): ?float => $this->fields->figure(
            $typed,
            $key,
            "plumbing.{$key}",
            self::PLUMBING[$key],
            $key === 'pumpHeadMetres' ? Unit::Metre : null,
        );
        $head = $read('pumpHeadMetres');

        return new Plumbing(
            $read('pumpLitresPerHour'),
            $head === null ? null : $head / 1000,
            $read('pumpWatts'),
            $read('liftMm'),
            $read('boreMm'),
            $read('lengthMm'),
            $this->fittings($typed, 'fittings'),
            $read('drainBoreMm'),
            $read('drainLengthMm'),
            $read('drainFallMm'),
            $this->fittings($typed, 'drainFittings'),
            $this->curve($typed),
            $read('valveOpen'),
            $read('drainValveOpen'),
            $read('emergencyBoreMm'),
            $read('emergencyLengthMm'),
            $read('emergencyFallMm'),
            $this->fittings($typed, 'emergencyFittings'),
            $read('overflowMm'),
            $read('overflowOpenShare'),
            $this->systems(Fields::map($typed, 'systems')),
        );
    }

    /**
     * @param  array<mixed>  $typed
     * @return list<array{float, float}> points of the pump's curve, L/h and m
     */
    private function curve(array $typed): array
    {
        $points = [];
        foreach (Fields::list($typed, 'curve') as $i => $point) {
            // A line that is still empty is no point yet.
            if (Fields::text($point, 'litresPerHour') === '' && Fields::text($point, 'headMetres') === '') {
                continue;
            }
            $flow = $this->fields->needed(
                $point,
                'litresPerHour',
                "plumbing.curve.{$i}.litresPerHour",
                self::POINT['litresPerHour'],
                0.0,
            );
            $head = $this->fields->needed(
                $point,
                'headMetres',
                "plumbing.curve.{$i}.headMetres",
                self::POINT['headMetres'],
                0.0,
                Unit::Metre,
            );
            $points[] = [$flow, $head / 1000];
        }
        try {
            $points === [] || PumpCurve::through($points);
        } catch (InvalidCurve $invalid) {
            $this->fields->note('plumbing.curve', $invalid->getMessage());
        }

        return $points;
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, PipeSystem>
     */
    private function systems(array $typed): array
    {
        $systems = [];
        foreach (array_keys(PipeSystem::PARTS) as $part) {
            $system = PipeSystem::tryFrom(Fields::text($typed, $part));
            if ($system !== null) {
                $systems[$part] = $system;
            }
        }

        return $systems;
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, int>
     */
    private function fittings(array $typed, string $key): array
    {
        $counts = [];
        foreach (Fields::map($typed, $key) as $fitting => $count) {
            $known = Fitting::tryFrom((string) $fitting);
            $number = $this->fields->whole(
                ['count' => $count],
                'count',
                "plumbing.{$key}.{$fitting}",
                'The number',
                0,
                50,
            );
            if ($known !== null && $number !== null && $number > 0) {
                $counts[$known->value] = $number;
            }
        }

        return $counts;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private static function texts(array $document): array
    {
        return array_map(static fn (mixed $value): mixed => match (true) {
            is_array($value) => self::texts($value),
            is_float($value) => rtrim(rtrim(number_format($value, 9, '.', ''), '0'), '.'),
            default => $value,
        }, $document);
    }
}
