<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A course that a keeper keeps, with what was foreseen of it then.
 *
 * @property int $id
 * @property ?Carbon $deleted_at
 * @property string $name
 * @property array<string, float|bool|null> $levers  in base units
 * @property array<string, list<array{float, float, float, float}>> $foreseen  days, level, low and high, by parameter
 * @property bool $is_plan
 * @property Carbon $made_at
 */
final class Course extends Model
{
    use SoftDeletes;

    public $timestamps = false;

    protected $fillable = ['user_id', 'name', 'levers', 'foreseen', 'is_plan', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['levers' => 'array', 'foreseen' => 'array', 'is_plan' => 'boolean', 'made_at' => 'datetime'];
    }
}
