<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\BoundedJson;
use App\Exchange\SchemaFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;

/** A sump as a file that was written here. */
final class SectionFileRequest extends FormRequest
{
    private const MOST_LETTERS = 500_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'string', 'max:'.self::MOST_LETTERS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'The file is empty.', 'file.max' => 'This file is too large to be a sump.'];
    }

    /** @throws ValidationException with a sentence that says why it is no sump */
    public function design(): SumpDesign
    {
        $json = (string) $this->string('file');
        $document = BoundedJson::asArray($json);
        try {
            $design = is_array($document)
                ? SumpDocument::stored($document)
                : throw Refused::whole('section',
                    'This is not a JSON file. A sump saved here ends in .json and opens with “{”.',
                );
        } catch (Refused $invalid) {
            throw ValidationException::withMessages(['file' => implode(' ', array_slice($invalid->problems, 0, 3))]);
        }
        // What the reader does not know it would lose without a word.
        $faults = SchemaFile::faults(BoundedJson::asObject($json), 'sump-1');

        return $faults === []
            ? $design
            : throw ValidationException::withMessages([
                'file' => 'The file is a sump, but not by the schema: '.implode('; ', $faults).'.',
            ]);
    }
}
