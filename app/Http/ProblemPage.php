<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Says in a sentence what went wrong where a bare status page would stand. */
final class ProblemPage
{
    private const SENTENCES = [
        403 => ['Not for you', 'Your sign-in does not allow this.'],
        404 => ['Nothing here', 'There is no such page, or it belongs to someone else.'],
        405 => ['Nothing here', 'This address does not answer to that kind of request.'],
        419 => ['Signed out meanwhile', 'This page stood open too long. Reload it and try again; what you typed is still here when you go back.'],
        413 => ['File too large', 'The file is larger than this server takes. Split it by year and import the parts.'],
        429 => ['Too fast', 'Too many requests in a short time. Wait a minute and try again.'],
        500 => ['Our fault', 'Something broke on the server. Nothing was saved by halves; try again, and look into storage/logs if it stays.'],
        503 => ['Being set up', 'The server is busy with maintenance. Try again in a minute.'],
    ];

    public static function inPlaceOf(Response $response, Throwable $problem, Request $request): Response
    {
        $status = $response->getStatusCode();
        if (! isset(self::SENTENCES[$status]) || ($request->expectsJson() && ! $request->inertia()) || (config('app.debug') === true && $status === 500)) {
            return $response;
        }
        [$title, $sentence] = self::SENTENCES[$status];

        return Inertia::render('Problem', ['status' => $status, 'title' => $title, 'sentence' => $sentence])
            ->toResponse($request)->setStatusCode($status);
    }
}
