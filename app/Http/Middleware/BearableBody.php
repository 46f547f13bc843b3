<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\BoundedRequest;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses a request whose JSON was too much to parse. */
final class BearableBody
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request instanceof BoundedRequest) {
            $request->mustBeBearable();
        }

        return $next($request);
    }
}
