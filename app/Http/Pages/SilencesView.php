<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\TankRoutines;
use App\Models\System;
use DateTimeImmutable;
use Ithys\Finding;
use Ithys\History\Silences;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWord;
use Ithys\Quantity\Words;

/** Routines of which nothing was logged for long, with the lines that answer whether they go on. */
final class SilencesView
{
    /** @return list<array{finding: array<string, mixed>, carries: string, same: string, stopped: string}> */
    public static function of(System $system, Words $words, DateTimeImmutable $now): array
    {
        $silences = TankRoutines::silences($system, $now);
        $odds = $silences === [] ? [] : (new FitShelf($system))->learned()?->odds() ?? [];

        return array_map(
            static fn (string $key, Finding $finding): array => [
                'finding' => FindingView::of($finding, $words),
                'carries' => $words->say(Silences::carries($odds[$key] ?? null)),
                'same' => RoutineWord::goesOn(Repeated::from($key))->line(),
                'stopped' => RoutineWord::stopped(Repeated::from($key))->line(),
            ],
            array_keys($silences),
            $silences,
        );
    }
}
