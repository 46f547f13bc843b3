<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Ithys\Sump\Build\BuildDocument;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;

/**
 * The sump of a system as its keeper designs it.
 *
 * @property int $id
 * @property array<string, mixed> $document
 * @property int $version
 * @property ?array<string, mixed> $build
 * @property int $build_version
 */
final class SumpSection extends Model
{
    protected $table = 'sections';

    protected $fillable = ['document', 'version', 'build', 'build_version'];

    protected $attributes = ['version' => 1, 'build_version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer', 'build' => 'array', 'build_version' => 'integer'];
    }

    public function design(): SumpDesign
    {
        return SumpDocument::stored($this->document);
    }

    /** What was done and measured while it was built. */
    public function buildRecord(): BuildRecord
    {
        return $this->build === null ? new BuildRecord : BuildDocument::stored($this->build);
    }
}
