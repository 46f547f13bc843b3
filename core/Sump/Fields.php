<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\FigureReader;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

/**
 * Reads what was typed of a sump, field by field; a field is its dimension, least, most (base units) and what it is
 * called.
 */
final readonly class Fields
{
    private FigureReader $figures;

    public function __construct(private UnitSystem $units)
    {
        $this->figures = new FigureReader($units);
    }

    /** What a bare length means in a sump: mm, or inches. */
    public static function lengthUnit(UnitSystem $units): Unit
    {
        return $units === UnitSystem::Metric ? Unit::Millimetre : Unit::Inch;
    }

    /**
     * @param  array<mixed>  $typed
     * @param  array{?Dimension, float, float, string}  $field
     */
    public function figure(array $typed, string $key, string $at, array $field, ?Unit $bare = null): ?float
    {
        [$dimension, $least, $most, $name] = $field;
        $bare ??= $dimension === Dimension::Length ? self::lengthUnit($this->units) : null;

        return $this->figures->read(self::text($typed, $key), $at, $name, $dimension, $least, $most, $bare);
    }

    /**
     * A figure that has to be there; the other one goes on while it is not.
     *
     * @param  array<mixed>  $typed
     * @param  array{?Dimension, float, float, string}  $field
     */
    public function needed(
        array $typed,
        string $key,
        string $at,
        array $field,
        float $otherwise,
        ?Unit $bare = null,
    ): float {
        if (self::text($typed, $key) === '') {
            $this->note($at, "{$field[3]} is needed.");
        }

        return $this->figure($typed, $key, $at, $field, $bare) ?? $otherwise;
    }

    /** @param  array<mixed>  $typed */
    public function whole(array $typed, string $key, string $at, string $name, int $least, int $most): ?int
    {
        $number = $this->figures->read(self::text($typed, $key), $at, $name, null, $least, $most, whole: true);

        return $number === null ? null : (int) $number;
    }

    public function note(string $at, string $sentence): void
    {
        $this->figures->note($at, $sentence);
    }

    /** @return array<string, string> sentence per place */
    public function problems(): array
    {
        return $this->figures->problems();
    }

    /** @param  array<mixed>  $from */
    public static function text(array $from, string $key): string
    {
        return is_scalar($from[$key] ?? null) && ! is_bool($from[$key]) ? trim((string) $from[$key]) : '';
    }

    /** @param  array<mixed>  $from */
    public static function name(array $from, string $key): string
    {
        return mb_strimwidth(self::text($from, $key), 0, 80);
    }

    /** @param  array<mixed>  $from */
    public static function chamber(array $from): int
    {
        return max(0, (int) self::text($from, 'chamber'));
    }

    /**
     * @param  array<mixed>  $from
     * @return array<mixed>
     */
    public static function map(array $from, string $key): array
    {
        return is_array($from[$key] ?? null) ? $from[$key] : [];
    }

    /**
     * @param  array<mixed>  $from
     * @return list<array<mixed>>
     */
    public static function list(array $from, string $key): array
    {
        return array_values(array_filter(self::map($from, $key), is_array(...)));
    }
}
