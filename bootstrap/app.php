<?php

declare(strict_types=1);

use App\Http\Middleware\BearableBody;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\PagesKeepSession;
use App\Http\Middleware\ProperText;
use App\Http\Middleware\SecurityHeaders;
use App\Http\ProblemPage;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        // Without session or page, for whoever watches the server.
        then: static fn () => Route::get(
            '/up',
            static fn (): Response => response('up', 200, ['Content-Type' => 'text/plain']),
        ),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [
            PagesKeepSession::class, AuthenticateSession::class, HandleInertiaRequests::class, ProperText::class,
        ]);
        $middleware->append([SecurityHeaders::class, BearableBody::class]);
        // The names the server goes by; without an address in .env it answers to any, as on this machine alone.
        $middleware->trustHosts(
            at: static fn (): array => is_string($host = config('app.host')) ? ['^'.preg_quote($host).'$'] : [],
            subdomains: false,
        );
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(ProblemPage::configure(...))
    ->create();
