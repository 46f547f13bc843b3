<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateConnector;
use App\Session\WholeFileSessions;
use DateTimeInterface;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
    }

    public function boot(): void
    {
        $ahead = config('app.clock_ahead');
        if (is_int($ahead) && $ahead !== 0) {
            Carbon::setTestNow(
                static fn (DateTimeInterface $now): Carbon => Carbon::instance($now)->addSeconds($ahead),
            );
        }
        Model::shouldBeStrict(! $this->app->isProduction());
        Session::extend(
            'whole-file',
            fn (): WholeFileSessions => new WholeFileSessions(
                File::getFacadeRoot(),
                config('session.files'),
                config('session.lifetime'),
            ),
        );
        // An id is a number that SQLite can hold; anything else finds nothing.
        Route::patterns(array_fill_keys(
            ['id', 'system', 'entry', 'draft', 'revision', 'photo', 'course', 'ramp', 'supply', 'sitter', 'trial'],
            '[0-9]{1,18}',
        ));
        Vite::useCspNonce();
        // A burst of previews from one keeper must not starve the household's small server; a drag asks ten times a
        // second.
        RateLimiter::for(
            'preview',
            fn (Request $request): Limit => Limit::perMinute(1200)->by((string) $request->user()?->id),
        );
    }
}
