<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Support\Facades\File;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The published schemas of files that are taken along and read again. */
final class SchemaFile
{
    /**
     * Where a document departs from a schema, in words; the nearest to the cause last.
     *
     * @param  mixed  $document  objects as objects
     * @param  'path-1'|'sump-1'|'trial-1'  $schema
     * @return list<string> empty when it does not
     */
    public static function faults(mixed $document, string $schema): array
    {
        $error = (new Validator())
            ->validate($document, File::get(resource_path("schemas/{$schema}.schema.json")))
            ->error();
        if ($error === null) {
            return [];
        }
        $words = static fn ($leaf): string => sprintf(
            '%s at %s',
            (new ErrorFormatter())->formatErrorMessage($leaf),
            '/'.implode('/', $leaf->data()->fullPath()),
        );

        return array_slice(
            array_values(
                array_unique(array_filter((new ErrorFormatter())->formatFlat($error, $words), is_string(...))),
            ),
            -2,
        );
    }
}
