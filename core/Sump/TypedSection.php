<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Fitting;
use Ithys\Panel\Material;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\FigureReader;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

/**
 * Reads a sump as typed: its document with every figure as text. A bare length is in mm, or in inches where US units are chosen.
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
    ];

    private readonly FigureReader $figures;

    private function __construct(private readonly UnitSystem $units)
    {
        $this->figures = new FigureReader($units);
    }

    /**
     * @param  array<mixed>  $typed
     *
     * @throws InvalidSection with a sentence at every place that cannot be read
     */
    public static function read(array $typed, UnitSystem $units): SumpDesign
    {
        $reader = new self($units);
        $design = $reader->design($typed);
        $problems = $reader->figures->problems();

        return $problems === [] ? $design : throw InvalidSection::places($problems);
    }

    /**
     * @param  array<mixed>  $document  as {@see SumpDesign::toArray()} made it
     *
     * @throws InvalidSection
     */
    public static function fromDocument(array $document): SumpDesign
    {
        if (($document['format'] ?? null) !== SumpDesign::FORMAT || ($document['schema'] ?? null) !== SumpDesign::SCHEMA) {
            throw InvalidSection::unreadable('This is not a sump of this version.');
        }

        return self::read(self::texts($document), UnitSystem::Metric);
    }

    /** @param  array<mixed>  $typed */
    private function design(array $typed): SumpDesign
    {
        $figures = [];
        foreach (self::FIGURES as $key => [$dimension, $least, $most, $name, $needed]) {
            $figures[$key] = $this->figure($typed, $key, $key, [$dimension, $least, $most, $name]);
            if ($needed && $figures[$key] === null && ! isset($this->figures->problems()[$key])) {
                $this->figures->note($key, "{$name} is needed.");
            }
        }
        $baffles = array_values(array_filter(self::list($typed, 'baffles'), is_array(...)));
        $placed = array_values(array_filter(self::list($typed, 'placed'), is_array(...)));
        if (count($baffles) + count($placed) > self::MOST_PARTS) {
            $this->figures->note('section', sprintf('A sump can have %d baffles and devices; this one has %d.', self::MOST_PARTS, count($baffles) + count($placed)));
        }

        return new SumpDesign($figures, ($typed['toTheLeft'] ?? false) === true, array_map($this->baffle(...), $baffles), array_map($this->placed(...), $placed), $this->plumbing(self::list($typed, 'plumbing')),
            Material::tryFrom(self::text($typed, 'material')) ?? Material::Glass, ($typed['braced'] ?? false) === true);
    }

    /** @param  array<mixed>  $typed */
    private function baffle(array $typed): Baffle
    {
        $id = self::text($typed, 'id');
        $kind = BaffleKind::tryFrom(self::text($typed, 'kind'));
        $read = fn (string $key, float $otherwise): float => $this->needed($typed, $key, "baffle.{$id}.{$key}", self::BAFFLE[$key], $otherwise);
        if ($kind === null) {
            $this->figures->note("baffle.{$id}", 'This is not a kind of baffle known here.');
            $kind = BaffleKind::Weir;
        }

        return new Baffle($id, $kind, $read('atMm', 0.0), $read('thicknessMm', 6.0), $read('topMm', 100.0),
            $kind === BaffleKind::Under ? $read('gapMm', 30.0) : 0.0,
            $kind === BaffleKind::Comb ? $read('openShare', 0.5) : 1.0);
    }

    /** @param  array<mixed>  $typed */
    private function placed(array $typed): Placed
    {
        $id = self::text($typed, 'id');
        $read = fn (string $key, float $otherwise): float => $this->needed($typed, $key, "placed.{$id}.{$key}", self::PLACED[$key], $otherwise);
        $maybe = fn (string $key): ?float => $this->figure($typed, $key, "placed.{$id}.{$key}", self::PLACED[$key]);
        $kind = self::text($typed, 'kind');
        $chamber = $typed['chamber'] ?? 0;

        return new Placed($id, in_array($kind, ['skimmer', 'heater', 'pump', 'roller'], true) ? $kind : 'other', mb_strimwidth(self::text($typed, 'name'), 0, 80), max(0, is_numeric($chamber) ? (int) $chamber : 0),
            $read('lengthMm', 100.0), $read('widthMm', 100.0), $read('heightMm', 100.0), $maybe('standMm') ?? 0.0, $maybe('depthLowMm'), $maybe('depthHighMm'));
    }

    /** @param  array<mixed>  $typed */
    private function plumbing(array $typed): Plumbing
    {
        $read = fn (string $key): ?float => $this->figure($typed, $key, "plumbing.{$key}", self::PLUMBING[$key], $key === 'pumpHeadMetres' ? Unit::Metre : null);
        $head = $read('pumpHeadMetres');

        return new Plumbing($read('pumpLitresPerHour'), $head === null ? null : $head / 1000, $read('pumpWatts'), $read('liftMm'), $read('boreMm'), $read('lengthMm'), $this->fittings($typed, 'fittings'),
            $read('drainBoreMm'), $read('drainLengthMm'), $read('drainFallMm'), $this->fittings($typed, 'drainFittings'));
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, int>
     */
    private function fittings(array $typed, string $key): array
    {
        $counts = [];
        foreach (self::list($typed, $key) as $fitting => $count) {
            $known = Fitting::tryFrom((string) $fitting);
            $number = $this->figures->read(is_scalar($count) ? (string) $count : '', "plumbing.{$key}.{$fitting}", 'The number', null, 0.0, 50.0, whole: true);
            if ($known !== null && $number !== null && $number > 0.0) {
                $counts[$known->value] = (int) $number;
            }
        }

        return $counts;
    }

    /**
     * @param  array<mixed>  $typed
     * @param  array{?Dimension, float, float, string}  $field
     */
    private function needed(array $typed, string $key, string $at, array $field, float $otherwise): float
    {
        if (self::text($typed, $key) === '') {
            $this->figures->note($at, "{$field[3]} is needed.");
        }

        return $this->figure($typed, $key, $at, $field) ?? $otherwise;
    }

    /**
     * @param  array<mixed>  $typed
     * @param  array{?Dimension, float, float, string}  $field
     */
    private function figure(array $typed, string $key, string $at, array $field, ?Unit $bare = null): ?float
    {
        [$dimension, $least, $most, $name] = $field;
        $bare ??= $dimension === Dimension::Length ? self::lengthUnit($this->units) : null;

        return $this->figures->read(self::text($typed, $key), $at, $name, $dimension, $least, $most, $bare);
    }

    /** What a bare length means in a sump: mm, or inches. */
    public static function lengthUnit(UnitSystem $units): Unit
    {
        return $units === UnitSystem::Metric ? Unit::Millimetre : Unit::Inch;
    }

    /** @param  array<mixed>  $from */
    private static function text(array $from, string $key): string
    {
        return is_scalar($from[$key] ?? null) && ! is_bool($from[$key]) ? trim((string) $from[$key]) : '';
    }

    /**
     * @param  array<mixed>  $from
     * @return array<mixed>
     */
    private static function list(array $from, string $key): array
    {
        return is_array($from[$key] ?? null) ? $from[$key] : [];
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
