<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets pages alone write the session: a picture, or a part of a page that comes later, runs at the same time as a save,
 * and would lose its errors and its word of what was done.
 */
final class PagesKeepSession
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $isPart = $request->hasHeader('X-Inertia-Partial-Data')
            || str_starts_with((string) $request->header('Accept'), 'image/');

        return $request->isMethod('GET') && $isPart ? (new ReadOnlySession)->handle($request, $next) : $next($request);
    }
}
