<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;

/** What the frame around every system screen shows: the name, the water, and the line it runs in. */
final class SystemFrame
{
    /** @return array<string, mixed> */
    public static function of(System $system): array
    {
        $tank = $system->tankAt(now());
        $volume = $tank->workingVolume();

        return [
            'id' => $system->id,
            'name' => $system->name,
            'workingLitres' => $volume->litres,
            'displayLitres' => $volume->displayLitres,
            'sumpLitres' => $tank->sumpLitres,
            'flowLitresPerHour' => $tank->filterLitresPerHour,
            'turnoverPerHour' => $volume->turnover->perHour,
            'turnoverFinding' => $volume->turnover->finding->toArray(),
        ];
    }
}
