<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;

/**
 * The sump in force from a day on.
 *
 * @property int $id
 * @property Carbon $in_force_from
 * @property array<string, mixed> $document
 */
final class SumpRevision extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'in_force_from', 'document'];

    private ?SumpDesign $design = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_force_from' => 'datetime', 'document' => 'array'];
    }

    public function design(): SumpDesign
    {
        return $this->design ??= SumpDocument::stored($this->document);
    }
}
