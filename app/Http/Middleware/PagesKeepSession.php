<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets pages alone write the session: a picture, a file or a part of a page that comes later runs beside a save, and
 * would lose its errors and its word of what was done.
 */
final class PagesKeepSession
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $isPart = $request->hasHeader('X-Inertia-Partial-Data')
            || ! str_contains((string) $request->header('Accept'), 'text/html');

        return $request->isMethod('GET') && $isPart ? (new ReadOnlySession)->handle($request, $next) : $next($request);
    }
}
