<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;

/**
 * The tank as described from a day on.
 *
 * @property int $id
 * @property Carbon $in_force_from
 * @property array<string, mixed> $document
 */
final class Revision extends Model
{
    protected $fillable = ['user_id', 'in_force_from', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_force_from' => 'datetime', 'document' => 'array'];
    }

    public function tank(): Tank
    {
        return TankDocument::stored($this->document);
    }
}
