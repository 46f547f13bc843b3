<?php

declare(strict_types=1);

namespace App\Path;

use App\Exchange\BoundedJson;
use Illuminate\Support\Facades\File;
use Ithys\Path\InvalidPath;
use Ithys\Path\Path;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** A path read from a JSON file by the published schema. */
final class ImportedPath
{
    public const MOST_BYTES = 1_048_576;

    public static function schemaFile(): string
    {
        return resource_path('schemas/path-1.schema.json');
    }

    /** @throws InvalidPath with a sentence that says where the file departs from the schema or what cannot be */
    public static function read(string $json): Path
    {
        $document = BoundedJson::asObject($json) ?? throw InvalidPath::unreadable('This is not a JSON file of a path. One exported here ends in .json and opens with “{”.');
        $result = (new Validator)->validate($document, File::get(self::schemaFile()));
        $error = $result->error();
        if ($error !== null) {
            $where = (new ErrorFormatter)->formatFlat($error, static fn ($leaf): string => sprintf('%s at %s', (new ErrorFormatter)->formatErrorMessage($leaf), '/'.implode('/', $leaf->data()->fullPath())));
            throw InvalidPath::unreadable('The file is JSON, but not a path by the schema: '.implode('; ', array_slice(array_unique($where), -2)).'.');
        }
        $array = BoundedJson::asArray($json);

        return Path::fromArray(is_array($array) ? $array : []);
    }
}
