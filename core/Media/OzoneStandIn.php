<?php

declare(strict_types=1);

namespace Ithys\Media;

/**
 * A make-believe tank with a probe on which a controller can be tried: ORP falls back by itself, is pulled down by a
 * meal, and rises with ozone by how much is made for the water. All figures are estimates of ours.
 */
final readonly class OzoneStandIn
{
    /** mV that the water comes to by itself. */
    private const REST = 368.0;

    /** mV that ORP rises in an hour for each mg of ozone an hour on 100 L. */
    private const RISE = 12.0;

    /** Of the distance to rest, in an hour. */
    private const FALL = 0.05;

    private const MEAL = 25.0;

    /** Minutes between two looks. */
    public const STEP = 5;

    /**
     * Two days with a meal each evening at six.
     *
     * @param  float  $start  mV
     * @return list<array{int, float, bool}> minute, mV, and whether ozone runs
     */
    public static function run(
        OzoneController $controller,
        float $milligramsPerHour,
        float $litres,
        float $start,
    ): array {
        $seen = [];
        [$orp, $isOn] = [$start, false];
        for ($minute = 0; $minute <= 2880; $minute += self::STEP) {
            $isOn = $controller->runs($isOn, $orp, $minute % 1440);
            $seen[] = [$minute, $orp, $isOn];
            $hours = self::STEP / 60;
            $orp += $hours * (self::FALL * (self::REST - $orp)
                + ($isOn ? self::RISE * $milligramsPerHour * 100 / $litres : 0.0));
            $orp -= $minute % 1440 === 1080 ? self::MEAL : 0.0;
        }

        return $seen;
    }
}
