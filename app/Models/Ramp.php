<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ithys\Journal\CarbonDose\CarbonSource;

/**
 * Organic carbon begun week by week.
 *
 * @property int $id
 * @property int $system_id
 * @property CarbonSource $source
 * @property list<float> $doses  mL a day, week by week
 * @property Carbon $begun_at
 * @property ?Carbon $ended_at
 */
final class Ramp extends Model
{
    public $timestamps = false;

    protected $fillable = ['source', 'doses', 'begun_at', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'source' => CarbonSource::class,
            'doses' => 'array',
            'begun_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
