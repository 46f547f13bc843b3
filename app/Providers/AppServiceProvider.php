<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Password::defaults(fn (): Password => Password::min(10));
        Vite::useCspNonce();
        // A burst of previews from one keeper must not starve the household's small server; a drag asks ten times a second.
        RateLimiter::for('preview', fn (Request $request): Limit => Limit::perMinute(1200)->by((string) $request->user()?->id));
    }
}
