<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Document\Field;
use Ithys\Flow\Throttle;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** The figures of a sump's document, with their bounds. A bare length is in mm, or in inches in US units. */
final class SumpFields
{
    public static function mm(string $key, string $name, float $least, float $most): Field
    {
        return Field::of($key, $name, Dimension::Workshop, $least, $most);
    }

    public static function litres(string $key, string $name, float $least, float $most): Field
    {
        return Field::of($key, $name, Dimension::Volume, $least, $most);
    }

    public static function flow(string $key, string $name, float $least): Field
    {
        return Field::of($key, $name, Dimension::Flow, $least, 500_000.0);
    }

    /** A height of water, which documents hold in metres. */
    public static function head(string $key, string $name, float $leastMm): Field
    {
        return Field::of($key, $name, Dimension::Head, $leastMm, 50_000.0, Unit::Metre);
    }

    public static function chamber(string $key = 'chamber', string $name = 'The chamber'): Field
    {
        return Field::whole($key, $name, 0, 60);
    }

    public static function openShare(string $key = 'openShare'): Field
    {
        return Field::of($key, 'The open share', null, 0.05, 1.0);
    }

    public static function valveOpen(string $key): Field
    {
        return Field::of($key, 'The opening of the valve', null, Throttle::LEAST, 1.0);
    }

    public static function watts(): Field
    {
        return Field::of('pumpWatts', 'The power of the pump', null, 0.0, 5_000.0);
    }

    public static function cureHours(): Field
    {
        return Field::of('cureHours', 'The cure', null, 1.0, 2_000.0);
    }

    /** @return array<string, Field> by key, as they are called anywhere in the document */
    public static function all(): array
    {
        $lengths = [
            'lengthMm', 'widthMm', 'heightMm', 'wallMm', 'bottomMm', 'returnLevelMm', 'pumpMinimumMm', 'fallMm',
            'cabinetMm', 'cabinetLengthMm', 'cabinetWidthMm', 'pipeLengthMm', 'atMm', 'thicknessMm', 'topMm', 'gapMm',
            'standMm', 'depthLowMm', 'depthHighMm', 'standsMm', 'hangsMm', 'liftMm', 'boreMm', 'drainBoreMm',
            'drainLengthMm', 'drainFallMm', 'emergencyBoreMm', 'emergencyLengthMm', 'emergencyFallMm', 'overflowMm',
            'blackoutMm', 'clearanceMm', 'inletMm', 'levelMm', 'crestMm', 'slotTopMm', 'slotsMm', 'nozzleMm', 'lidMm',
        ];
        $all = [
            ...array_map(static fn (string $key): Field => self::mm($key, '', 0.0, INF), $lengths),
            ...array_map(
                static fn (string $key): Field => self::litres($key, '', 0.0, INF),
                ['boxLitres', 'evaporationLitresADay', 'reservoirLitres'],
            ),
            self::flow('pumpLitresPerHour', '', 0.0),
            self::flow('litresPerHour', '', 0.0),
            self::head('pumpHeadMetres', '', 0.0),
            self::head('headMetres', '', 0.0),
            self::openShare(),
            self::openShare('overflowOpenShare'),
            self::valveOpen('valveOpen'),
            self::valveOpen('drainValveOpen'),
            self::watts(),
            self::cureHours(),
            self::chamber('litChamber', 'The lit chamber'),
            Field::whole('count', 'The number', 1, 500),
            Field::whole('shelves', 'The number of shelves', 1, 12),
        ];

        return array_combine(array_map(static fn (Field $field): string => $field->key, $all), $all);
    }
}
