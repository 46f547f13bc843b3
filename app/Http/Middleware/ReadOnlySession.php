<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a request read the session but not write it.
 *
 * Previews run beside other requests; writing the session back would lose what those put there, such as the word of
 * what was just done and its undo.
 */
final class ReadOnlySession
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        if ($session instanceof Store) {
            $session->setHandler(new NullSessionHandler);
        }

        return $next($request);
    }
}
