<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What came into a stock, went out by hand, or was counted.
 *
 * @property int $id
 * @property int $supply_id
 * @property Carbon $at
 * @property string $what
 * @property float $amount
 */
final class SupplyMove extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'at', 'what', 'amount'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'amount' => 'float'];
    }
}
