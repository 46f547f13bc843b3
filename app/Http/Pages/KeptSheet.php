<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Kept;
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
    public static function of(System $system, User $keeper, string $range, DateTimeImmutable $now): array
    {
        return Kept::of(
            $system,
            "tide-sheet {$range} {$keeper->units->value}",
            $now,
            // A sheet begins and ends with the present moment; within one hour that is nowhere to be seen.
            static function (DateTimeImmutable $hour) use ($system, $keeper, $range): array {
                $sheet = TideSheet::of($system, $range, $hour);

                return [$sheet->toArray($keeper), $sheet->openingChange()?->id];
            },
        );
    }
}
