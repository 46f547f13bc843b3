<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use Ithys\Quantity\Words;
use Ithys\Target\TargetBand;
use Ithys\Target\TargetSchool;

/** The levels a tank is held to, by the school its keeper picked. */
final readonly class TargetView
{
    /** @return array<string, mixed> levels in base units */
    public static function of(System $system, Words $words): array
    {
        $bands = $system->target_school?->bands($system->assumptions()) ?? [];

        return [
            'school' => $system->target_school->value ?? '',
            'choices' => [
                ['', 'None'],
                ...array_map(
                    static fn (TargetSchool $school): array => [$school->value, $school->label()],
                    TargetSchool::cases(),
                ),
            ],
            'key' => $system->target_school?->firstKey(),
            'bands' => array_map(static fn (TargetBand $band): array => [
                'parameter' => $band->parameter->value,
                'low' => $band->low,
                'high' => $band->high,
                'text' => $words->say($band->says()),
            ], $bands),
        ];
    }
}
