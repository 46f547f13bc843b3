<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Ithys\Care\CalendarDay;

/**
 * Somebody who keeps an eye on a tank for some days.
 *
 * @property int $id
 * @property int $system_id
 * @property int $user_id  who asked them
 * @property string $name
 * @property string $first_day  as 2026-12-01, by the calendar of the tank
 * @property string $last_day
 * @property string $food
 * @property string $call
 * @property string $notes
 * @property string $token_hash
 * @property-read System $system
 * @property-read User $user
 */
final class Sitter extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'name', 'first_day', 'last_day', 'food', 'call', 'notes', 'token_hash'];

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** One whose stay is not over. */
    public static function of(string $secret, DateTimeImmutable $now): ?self
    {
        $sitter = self::query()->where('token_hash', self::hash($secret))->first();

        return $sitter === null || $sitter->lastDay() < CalendarDay::of($now, $sitter->system->zone()) ? null : $sitter;
    }

    public function firstDay(): int
    {
        return self::day($this->first_day);
    }

    public function lastDay(): int
    {
        return self::day($this->last_day);
    }

    private static function day(string $date): int
    {
        $zone = new DateTimeZone('UTC');

        return CalendarDay::of(new DateTimeImmutable($date, $zone), $zone);
    }
}
