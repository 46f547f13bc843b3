<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;

/** What a page reckons of a tank, kept until something of the tank changes or the hour is over. */
final class Kept
{
    /** Days after which what nobody looks at goes. */
    private const DAYS = 30;

    /**
     * @template T of array<mixed>
     *
     * @param  string  $what  names it among all that is kept of the tank
     * @param  Closure(DateTimeImmutable): T  $make  of the hour that has begun
     * @param  ?list<string>  $kinds  of entries that it rests on; null for the whole journal
     * @param  string  $more  what else it rests on
     * @return T
     */
    public static function of(
        System $system,
        string $what,
        DateTimeImmutable $now,
        Closure $make,
        ?array $kinds = null,
        string $more = '',
    ): array {
        // Only SQLite stamps a tank.
        if ($system->stamp === null) {
            return $make($now);
        }
        $key = "kept {$system->id} {$what}";
        $mark = self::mark($system, $now, $kinds).$more;
        $kept = Cache::get($key);
        if (! is_array($kept) || $kept['mark'] !== $mark) {
            $kept = ['mark' => $mark, 'made' => $make(self::hour($now))];
            rescue(static fn (): bool => Cache::put($key, $kept, now()->addDays(self::DAYS)));
        }

        /** @var array{mark: string, made: T} $kept */
        return $kept['made'];
    }

    /** Whether it would have to be made. */
    public static function lacks(System $system, string $what, DateTimeImmutable $now): bool
    {
        $kept = Cache::get("kept {$system->id} {$what}");

        return ! is_array($kept) || $kept['mark'] !== self::mark($system, $now, null);
    }

    /** @param  ?list<string>  $kinds */
    private static function mark(System $system, DateTimeImmutable $now, ?array $kinds): string
    {
        // What is no entry has a stamp of its own.
        $stamp = $kinds === null
            ? $system->stamp
            : md5(implode(' ', array_intersect_key($system->kindStamps(), array_flip([...$kinds, '*']))));

        return "{$stamp} ".self::hour($now)->getTimestamp();
    }

    private static function hour(DateTimeImmutable $now): DateTimeImmutable
    {
        return $now->setTime((int) $now->format('H'), 0);
    }
}
