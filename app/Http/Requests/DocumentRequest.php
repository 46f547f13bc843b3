<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Ithys\Quantity\UnitSystem;

/** A document as typed, under the name it has in the request; the core reads it and words what is wrong with it. */
abstract class DocumentRequest extends FormRequest
{
    /** What the document is called in the request. */
    abstract protected function document(): string;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [$this->document() => ['required', 'array'], 'version' => ['nullable', 'integer']];
    }

    /** @return array<mixed> */
    protected function typed(): array
    {
        $typed = $this->input($this->document());

        return is_array($typed) ? self::texts($typed) : [];
    }

    protected function units(): UnitSystem
    {
        $user = $this->user();

        return $user instanceof User ? $user->units : UnitSystem::Metric;
    }

    /**
     * The framework reads an empty text as null; to a document it is an empty text.
     *
     * @param  array<mixed>  $typed
     * @return array<mixed>
     */
    private static function texts(array $typed): array
    {
        return array_map(
            static fn (mixed $value): mixed => is_array($value) ? self::texts($value) : $value ?? '',
            $typed,
        );
    }
}
