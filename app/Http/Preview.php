<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/**
 * The answer to a document while it is typed; nothing is saved. What cannot be read yet is an answer too, not an error.
 */
final class Preview
{
    /**
     * @param  array<string, string>  $problems  a sentence at each place that cannot be read
     * @param  mixed  $view  of what can be read; null while nothing can
     */
    public static function partly(mixed $view, array $problems): JsonResponse
    {
        return response()->json(['view' => $view, 'problems' => (object) $problems]);
    }

    /**
     * @param  Closure(): mixed  $view  reads the document, and makes of it what the page shows
     * @return JsonResponse the view, or null with a sentence at each place that cannot be read
     */
    public static function of(Closure $view): JsonResponse
    {
        try {
            return response()->json(['view' => $view(), 'problems' => (object) []]);
        } catch (ValidationException $invalid) {
            return response()->json([
                'view' => null,
                'problems' => array_map(static fn (array $sentences): string => $sentences[0], $invalid->errors()),
            ]);
        }
    }
}
