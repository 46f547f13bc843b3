<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Quantity\Words;
use Ithys\System\Setup;

/** A working volume as the page reads it: litres throughout, the page shows them in the keeper's unit. */
final class WorkingVolumeView
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup, Words $words): array
    {
        $volume = $setup->workingVolume();
        $isDrawn = $setup->sumpLitres()?->isComputed() === true;

        return [
            'parts' => array_map(
                static fn (array $part): array => [
                    ...$part,
                    'basis' => $part['basis'] === null ? null : AssumptionView::of($part['basis'], $words),
                    'isDrawn' => $isDrawn && $part['code'] === 'sump',
                ],
                $volume->parts,
            ),
            'litres' => $volume->litres,
            'kilograms' => $volume->kilograms,
            'turnoverPerHour' => $volume->turnoverPerHour(),
            'findings' => FindingView::all($volume->findings(), $words),
        ];
    }
}
