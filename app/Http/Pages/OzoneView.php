<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Media\OzoneController;
use Ithys\Media\OzoneRefused;
use Ithys\Media\OzoneStandIn;
use Ithys\Quantity\UnitSystem;

/** A controller of ozone, tried on a make-believe tank of the same size. */
final class OzoneView
{
    /** mg an hour on 100 L that is begun with: our estimate. */
    private const LOW = 2.0;

    private const START = 375.0;

    /** @return array<string, string|bool> settings as they are usual */
    public static function usual(System $system): array
    {
        return [
            'onBelow' => (string) (int) OzoneController::ON_BELOW,
            'offAt' => (string) (int) OzoneController::OFF_AT,
            'from' => '23',
            'hours' => '2',
            'output' => (string) (int) max(1.0, round(self::LOW * $system->workingLitresAt(now()) / 100)),
            'hasProbe' => false,
            'hasRatedSkimmer' => false,
            'cleansExhaust' => false,
        ];
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, mixed> series of minute, mV and whether it runs; minutes it ran; the highest ORP
     *
     * @throws ValidationException
     */
    public static function of(array $typed, System $system): array
    {
        $reader = Reader::typed($typed, UnitSystem::Metric);
        $needed = static fn (string $key, string $name, float $least, float $most): float => $reader->needed(
            Field::of($key, $name, null, $least, $most),
        );
        $settings = [
            $needed('onBelow', 'The ORP below which it runs, mV', 100.0, 600.0),
            $needed('offAt', 'The ORP at which it stops, mV', 100.0, 600.0),
            $needed('from', 'The hour from which it may run', 0.0, 23.99),
            $needed('hours', 'The hours for which it may run', 0.1, 24.0),
            $needed('output', 'The output, mg/h', 0.1, 2_000.0),
        ];
        try {
            $reader->close();
            $controller = new OzoneController(
                $settings[0],
                $settings[1],
                (int) round(60 * $settings[2]),
                (int) round(60 * $settings[3]),
                ($typed['hasProbe'] ?? false) === true,
                ($typed['hasRatedSkimmer'] ?? false) === true,
                ($typed['cleansExhaust'] ?? false) === true,
            );
        } catch (Refused $refused) {
            throw ValidationException::withMessages($refused->problems);
        } catch (OzoneRefused $refused) {
            throw ValidationException::withMessages(['ozone' => $refused->getMessage()]);
        }
        $seen = OzoneStandIn::run($controller, $settings[4], $system->workingLitresAt(now()), self::START);

        return [
            'series' => array_map(
                static fn (array $one): array => [$one[0], round($one[1], 1), $one[2]],
                $seen,
            ),
            'highest' => round(max(self::START, ...array_column($seen, 1))),
            'minutes' => OzoneStandIn::STEP * count(array_filter(array_column($seen, 2))),
            'onBelow' => $settings[0],
            'offAt' => $settings[1],
        ];
    }
}
