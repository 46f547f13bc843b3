<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\ValidationException;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;

/** Reads a day on which something was done: a day of the keeper's calendar, today or before. */
final class PastDay
{
    /**
     * The start of that day, in UTC; null when no day is written.
     *
     * @throws ValidationException when it is no day, or one in the future or before reef tanks
     */
    public static function read(string $typed, User $keeper, string $field): ?DateTimeImmutable
    {
        if ($typed === '') {
            return null;
        }
        try {
            $day = LocalMoment::day($typed, $keeper->zone());
        } catch (InvalidEntry $invalid) {
            throw ValidationException::withMessages([$field => $invalid->getMessage()]);
        }

        return $day <= now()
            ? $day->setTimezone(new DateTimeZone('UTC'))
            : throw ValidationException::withMessages([
                $field => 'That day is still to come.',
            ]);
    }
}
