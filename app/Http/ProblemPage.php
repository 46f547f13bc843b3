<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\StorageTrouble;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Inertia\Inertia;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Says in a sentence what went wrong where a bare status page would stand. A page that asked for a save stays and shows
 * the sentence.
 */
final class ProblemPage
{
    private const SENTENCES = [
        400 => ['Not understood', 'This address or form holds something that cannot be read.'],
        401 => ['Signed out meanwhile', 'You were signed out meanwhile. Nothing was saved yet.'],
        403 => ['Not for you', 'Your sign-in does not allow this.'],
        404 => ['Nothing here', 'There is no such page, or it belongs to someone else.'],
        405 => ['Nothing here', 'This address does not answer to that kind of request.'],
        413 => [
            'Too large',
            'What was sent is larger than this server takes. Split a table by year and import the parts.',
        ],
        419 => [
            'Signed out meanwhile',
            'This page stood open too long, or you signed out elsewhere. Nothing was saved yet. Sign in again to go '
                .'on.',
        ],
        429 => ['Too fast', 'Too many requests in a short time. Wait a minute and try again.'],
        500 => [
            'Our fault',
            'Something broke on the server. Nothing was saved by halves; try again, and look into storage/logs if it '
                .'stays.',
        ],
        503 => ['Being set up', 'The server is busy with maintenance. Try again in a minute.'],
        507 => ['Disk full', 'The disk of the server is full. Nothing was saved.'],
    ];

    public static function configure(Exceptions $exceptions): void
    {
        $exceptions->map(
            PDOException::class,
            static fn (PDOException $problem): Throwable => StorageTrouble::from($problem) ?? $problem,
        );
        // A redirect to the door would take the page with what was typed on it away.
        $exceptions->render(
            static fn (AuthenticationException $problem, Request $request): ?Response => $request->inertia()
            && ! $request->isMethodSafe()
                ? self::page(401, ...self::SENTENCES[401])->toResponse($request)->setStatusCode(401)
                : null,
        );
        $exceptions->respond(self::inPlaceOf(...));
    }

    private static function inPlaceOf(Response $response, Throwable $problem, Request $request): Response
    {
        $status = $response->getStatusCode();
        if (
            ! isset(self::SENTENCES[$status])
            || ($request->expectsJson() && ! $request->inertia())
            || (config('app.debug') === true && $status === 500)
        ) {
            return $response;
        }
        [$title, $sentence] = $problem instanceof StorageTrouble
            ? [$status === 500 ? 'The data is damaged' : 'Not saved', $problem->getMessage()]
            : self::SENTENCES[$status];

        return self::page($status, $title, $sentence)->toResponse($request)->setStatusCode($status);
    }

    private static function page(int $status, string $title, string $sentence): \Inertia\Response
    {
        return Inertia::render('Problem', ['status' => $status, 'title' => $title, 'sentence' => $sentence]);
    }
}
