<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/**
 * A keeper.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $timezone
 * @property UnitSystem $units
 * @property ?string $currency  three letters; null where figures of money stand without one
 */
final class User extends Authenticatable
{
    /** @use HasFactory<\Database\Factories\UserFactory> */
    use HasFactory;

    protected $attributes = ['currency' => null];

    protected $fillable = ['name', 'email', 'password', 'timezone', 'units', 'currency'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'units' => UnitSystem::class];
    }

    /** @return BelongsToMany<System, $this> */
    public function systems(): BelongsToMany
    {
        return $this->belongsToMany(System::class, 'memberships')->withPivot('role');
    }

    /** The words this keeper reads, in their units. */
    public function words(): Words
    {
        return new Words($this->units);
    }

    public function zone(): DateTimeZone
    {
        return new DateTimeZone($this->timezone);
    }
}
