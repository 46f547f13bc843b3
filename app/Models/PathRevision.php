<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;

/**
 * The water path in force from a day on.
 *
 * @property int $id
 * @property ?int $path_draft_id
 * @property Carbon $in_force_from
 * @property array<string, mixed> $document
 */
final class PathRevision extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'path_draft_id', 'in_force_from', 'document'];

    private ?Path $path = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_force_from' => 'datetime', 'document' => 'array'];
    }

    public function path(): Path
    {
        return $this->path ??= PathDocument::stored($this->document);
    }
}
