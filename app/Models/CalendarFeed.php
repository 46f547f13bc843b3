<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * The secret address of a person's calendar. It can be revoked, and the secret is shown once.
 *
 * @property int $user_id
 * @property string $person  whose tasks it has; empty for everybody's
 * @property string $token_hash
 * @property ?int $alarm_hour  of the day at which each chore rings; null for none
 * @property Carbon $made_at
 * @property-read User $user
 */
final class CalendarFeed extends Model
{
    private const SECRET = 40;

    public $timestamps = false;

    protected $fillable = ['user_id', 'token_hash', 'alarm_hour', 'person', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime', 'alarm_hour' => 'integer'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** A new address in place of the one there was; its secret. */
    public static function renew(User $user, ?int $alarmHour, string $person = ''): string
    {
        $secret = Str::random(self::SECRET);
        self::query()->updateOrCreate(['user_id' => $user->id, 'person' => $person], [
            'token_hash' => self::hash($secret),
            'alarm_hour' => $alarmHour,
            'made_at' => now(),
        ]);

        return $secret;
    }

    public static function of(string $secret): ?self
    {
        return self::query()->where('token_hash', self::hash($secret))->first();
    }

    private static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
