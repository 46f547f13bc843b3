<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\TypedSection;

/**
 * The sump of a system as its keeper designs it.
 *
 * @property int $id
 * @property array<string, mixed> $document
 * @property int $version
 */
final class SumpSection extends Model
{
    protected $table = 'sections';

    protected $fillable = ['document', 'version'];

    protected $attributes = ['version' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function design(): SumpDesign
    {
        return TypedSection::fromDocument($this->document);
    }
}
