<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;

/** A water path as typed. */
final class PathRequest extends DocumentRequest
{
    protected function document(): string
    {
        return 'path';
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'path.name' => [$this->isMethod('put') ? 'required' : 'nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'path.required' => 'There is no path in this request.',
            'path.name.required' => 'Give the path a name.',
            'path.name.max' => 'A name of at most 80 characters is enough.',
        ];
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function waterPath(): Path
    {
        try {
            return PathDocument::typed($this->typed(), $this->units());
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
