<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The texts of a form as the core reads them. */
final class TypedTexts
{
    /**
     * @param  list<string>  $fields
     * @return array<string, string> what is no text counts as not typed
     */
    public static function of(mixed $typed, array $fields): array
    {
        return array_filter(array_intersect_key(is_array($typed) ? $typed : [], array_flip($fields)), is_string(...));
    }
}
