<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Journal\Learning;
use App\Models\System;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A write that changes what forecasts rest on has the tank learned anew, whichever door it came in by. */
final class LearnAfterWrites
{
    /** Answers while something is typed, which save nothing. */
    private const PREVIEWS = ['*.preview', 'journal.understand', 'section.open'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $system = $request->route('system');
        if (! $request->isMethodSafe() && $system instanceof System && ! $request->routeIs(...self::PREVIEWS)) {
            // As the write left it.
            $now = System::query()->find($system->id);
            $now === null ?: (new Learning($now))->wanted();
        }

        return $response;
    }
}
