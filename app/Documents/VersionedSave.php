<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Validation\ValidationException;

/**
 * Saves a document over the version that was opened and over no other, so that two windows do not overwrite each other
 * unseen.
 */
final readonly class VersionedSave
{
    /**
     * @param  string  $field  what the document is called in the request
     * @param  string  $noun  what it is called on the screen
     * @param  string  $column  counts the times it was saved
     */
    public function __construct(private string $field, private string $noun, private string $column = 'version')
    {
    }

    /**
     * @param  Builder  $row  the one row
     * @param  array<string, mixed>  $values
     *
     * @throws ValidationException when it was saved elsewhere meanwhile
     */
    public function over(Builder $row, int $version, array $values): void
    {
        if ($row->where($this->column, $version)->update([...$values, $this->column => $version + 1]) === 0) {
            throw $this->conflict();
        }
    }

    public function conflict(): ValidationException
    {
        return ValidationException::withMessages([
            $this->field => "{$this->noun} was saved in another window meanwhile. Open it in a new tab to see that "
                .'one; your changes here are not saved.',
        ]);
    }
}
