<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Path\InvalidPath;
use Ithys\Path\Path;
use Ithys\Path\TypedPath;
use Ithys\Quantity\UnitSystem;

/** A water path as typed; the core reads it and words what is wrong with it. */
final class PathRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'path' => ['required', 'array'],
            'path.name' => [$this->isMethod('put') ? 'required' : 'nullable', 'string', 'max:80'],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['path.required' => 'There is no path in this request.', 'path.name.required' => 'Give the path a name.', 'path.name.max' => 'A name of at most 80 characters is enough.'];
    }

    /** @throws InvalidPath with the core's sentence at each place */
    public function typed(): Path
    {
        $user = $this->user();
        $typed = $this->input('path');

        return TypedPath::read(self::texts(is_array($typed) ? $typed : []), $user instanceof User ? $user->units : UnitSystem::Metric);
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function waterPath(): Path
    {
        try {
            return $this->typed();
        } catch (InvalidPath $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }

    /**
     * The framework reads an empty text as null; to a path it is an empty text.
     *
     * @param  array<mixed>  $typed
     * @return array<mixed>
     */
    private static function texts(array $typed): array
    {
        return array_map(static fn (mixed $value): mixed => is_array($value) ? self::texts($value) : $value ?? '', $typed);
    }
}
