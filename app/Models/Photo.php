<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A picture of a sheet with results, or of the tank; without what the camera wrote into it.
 *
 * @property int $id
 * @property string $taken_on  Y-m-d
 * @property string $caption
 * @property int $width
 * @property int $height
 * @property string $image  JPEG
 * @property string $thumbnail  JPEG
 * @property Carbon $created_at
 */
final class Photo extends Model
{
    use SoftDeletes;

    /** What a list of photos needs; the pictures themselves are large. */
    public const LISTED = ['id', 'system_id', 'taken_on', 'caption', 'width', 'height', 'created_at', 'deleted_at'];

    protected $fillable = ['user_id', 'trial_id', 'taken_on', 'caption', 'width', 'height', 'image', 'thumbnail'];

    protected $hidden = ['image', 'thumbnail'];
}
