<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use App\Models\User;
use DateTimeImmutable;

/**
 * A tide sheet, kept until something changes that it shows: reading a year and thinning ten takes longer than all the
 * rest of the page.
 */
final class KeptSheet
{
    /** @return array{array<string, mixed>, ?int} the sheet for the page, and the id of the change to open with */
    public static function of(
        System $system,
        User $keeper,
        string $range,
        DateTimeImmutable $now,
        bool $eachEntry,
    ): array {
        // A table of every entry is too large to be kept. A sheet begins and ends with the present moment; within one
        // hour that is nowhere to be seen.
        return $eachEntry
            ? self::anew($system, $keeper, $range, $now, true)
            : Kept::of(
                $system,
                "tide-sheet {$range} {$keeper->units->value}",
                $now,
                static fn (DateTimeImmutable $hour): array => self::anew($system, $keeper, $range, $hour, false),
            );
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
