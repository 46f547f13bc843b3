<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;

/**
 * A tide sheet, kept until something changes that it shows: reading a year and thinning ten takes longer than all the
 * rest of the page.
 */
final class KeptSheet
{
    private const DAYS = 30;

    /** @return array{array<string, mixed>, ?int} the sheet for the page, and the id of the change to open with */
    public static function of(
        System $system,
        User $keeper,
        string $range,
        DateTimeImmutable $now,
        bool $eachEntry,
    ): array {
        // Only SQLite stamps a tank; a table of every entry is too large to be kept.
        if ($eachEntry || $system->stamp === null) {
            return self::anew($system, $keeper, $range, $now, $eachEntry);
        }
        // A sheet begins and ends with the present moment; within one hour that is nowhere to be seen.
        $hour = $now->setTime((int) $now->format('H'), 0);
        $key = "tide-sheet {$system->id} {$range} {$keeper->units->value}";
        $mark = "{$system->stamp} {$hour->getTimestamp()}";
        $kept = Cache::get($key);
        if (! is_array($kept) || $kept['mark'] !== $mark) {
            $kept = ['mark' => $mark, 'sheet' => self::anew($system, $keeper, $range, $hour, $eachEntry)];
            rescue(static fn (): bool => Cache::put($key, $kept, now()->addDays(self::DAYS)));
        }

        return $kept['sheet'];
    }

    /** @return array{array<string, mixed>, ?int} */
    private static function anew(
        System $system,
        User $keeper,
        string $range,
        DateTimeImmutable $now,
        bool $eachEntry,
    ): array {
        $sheet = TideSheet::of($system, $range, $now, $eachEntry);

        return [$sheet->toArray($keeper), $sheet->openingChange()?->id];
    }
}
