<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

final class SignInController extends Controller
{
    public function create(): Response|RedirectResponse
    {
        return User::query()->exists() ? Inertia::render('Doors/SignIn') : redirect()->route('first-run');
    }

    public function store(SignInRequest $request): RedirectResponse|HttpResponse
    {
        $request->authenticate();

        // A page that stands open with unsaved work signs its keeper in again in place.
        return $request->expectsJson() ? response()->noContent() : redirect()->intended('/');
    }

    /** Leaves by a whole new page: what the old one held in memory goes with it. */
    public function destroy(Request $request): SymfonyResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return Inertia::location(route('sign-in'));
    }
}
