<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;

/**
 * A water path that is being laid out; a system may have several.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $document
 * @property int $version
 * @property Carbon $updated_at
 */
final class PathDraft extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'name', 'document', 'version'];

    protected $attributes = ['version' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function path(): Path
    {
        return PathDocument::stored($this->document);
    }

    /** Puts it in force as it is from a day; asked twice, it is still put in force once. */
    public function putInForce(?DateTimeInterface $since, User $by): PathRevision
    {
        $inForce = ['system_id' => $this->system_id, 'path_draft_id' => $this->id, 'in_force_from' => $since];
        $there = PathRevision::query()->where($inForce)->latest('id')->first();

        return $there?->document === $this->document
            ? $there
            : PathRevision::query()->forceCreate([...$inForce, 'user_id' => $by->id, 'document' => $this->document]);
    }
}
