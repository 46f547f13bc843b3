<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Text is UTF-8 without the null character; anything else comes from no keyboard, cannot be shown again, and blanks a
 * page once it is stored.
 */
final class ProperText
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ValidationException at the first field that holds something else
     */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Arr::dot([...$request->query->all(), ...$request->input()]) as $field => $value) {
            if (! self::isProper((string) $field) || (is_string($value) && ! self::isProper($value))) {
                throw ValidationException::withMessages([
                    mb_scrub(
                        str_replace("\0", '', (string) $field),
                    ) => 'This holds characters that are no text. Type it anew.',
                ]);
            }
        }

        return $next($request);
    }

    private static function isProper(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
