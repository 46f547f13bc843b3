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
     * @return T
     */
    public static function of(System $system, string $what, DateTimeImmutable $now, Closure $make): array
    {
        // Only SQLite stamps a tank.
        if ($system->stamp === null) {
            return $make($now);
        }
        $hour = $now->setTime((int) $now->format('H'), 0);
        $key = "kept {$system->id} {$what}";
        $mark = "{$system->stamp} {$hour->getTimestamp()}";
        /** @var mixed $kept */
        $kept = Cache::get($key);
        if (! is_array($kept) || $kept['mark'] !== $mark) {
            $kept = ['mark' => $mark, 'made' => $make($hour)];
            rescue(static fn (): bool => Cache::put($key, $kept, now()->addDays(self::DAYS)));
        }

        /** @var array{mark: string, made: T} $kept */
        return $kept['made'];
    }
}
