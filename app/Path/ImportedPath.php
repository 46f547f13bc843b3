<?php

declare(strict_types=1);

namespace App\Path;

use App\Exchange\BoundedJson;
use App\Exchange\SchemaFile;
use Ithys\Document\Refused;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;

/** A path read from a JSON file by the published schema. */
final class ImportedPath
{
    public const MOST_BYTES = 1_048_576;

    /** @throws Refused with a sentence that says where the file departs from the schema or what cannot be */
    public static function read(string $json): Path
    {
        $document
            = BoundedJson::asObject($json)
            ?? throw Refused::whole('path',
                'This is not a JSON file of a path. One exported here ends in .json and opens with “{”.',
            );
        $faults = SchemaFile::faults($document, 'path-1');
        if ($faults !== []) {
            throw Refused::whole('path',
                'The file is JSON, but not a path by the schema: '.implode('; ', $faults).'.',
            );
        }
        $array = BoundedJson::asArray($json);

        return PathDocument::stored(is_array($array) ? $array : []);
    }
}
