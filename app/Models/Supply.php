<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Ithys\Assumption\Overlay;
use Ithys\Care\Stock\Consumable;

/**
 * Something that a household buys and uses up, for one tank or several.
 *
 * @property int $id
 * @property ?Carbon $deleted_at
 * @property string $consumable
 * @property string $name
 * @property string $size
 * @property float $per_pack  in the unit of the consumable
 * @property ?float $price  of a pack
 * @property string $place
 * @property ?string $opened  as 2026-12-01
 * @property ?string $best_before
 * @property int $delivery_days
 * @property-read Collection<int, System> $systems
 * @property-read Collection<int, SupplyMove> $moves
 */
final class Supply extends Model
{
    use SoftDeletes;

    public $timestamps = false;

    protected $fillable = [
        'consumable', 'name', 'size', 'per_pack', 'price', 'place', 'opened', 'best_before', 'delivery_days',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['per_pack' => 'float', 'price' => 'float', 'delivery_days' => 'integer'];
    }

    /** @return BelongsToMany<System, $this> */
    public function systems(): BelongsToMany
    {
        return $this->belongsToMany(System::class);
    }

    /** What was paid is the price of its tanks, so that every cost is by the same. */
    public function setPrices(): void
    {
        $key = Consumable::named($this->consumable)?->priceKey;
        if ($key === null || $this->price === null) {
            return;
        }
        $each = $this->price / $this->per_pack;
        foreach ($this->systems as $system) {
            if ($system->assumptions()->of($key)->range->holds($each)) {
                $system->overlay($key, new Overlay($each, "From your stock: {$this->name}"));
            }
        }
    }

    /** @return HasMany<SupplyMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(SupplyMove::class)->orderBy('at')->orderBy('id');
    }
}
