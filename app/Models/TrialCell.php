<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One cell of the sheet of a trial.
 *
 * @property int $trial_id
 * @property string $parameter
 * @property string $unit
 * @property int $day
 * @property string $cell  as it is typed
 */
final class TrialCell extends Model
{
    protected $table = 'trial_readings';

    public $timestamps = false;

    protected $fillable = ['parameter', 'unit', 'day', 'cell', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['day' => 'integer'];
    }
}
