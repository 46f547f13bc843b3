<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController extends Controller
{
    public function create(): Response|RedirectResponse
    {
        return User::query()->exists() ? Inertia::render('Doors/SignIn') : redirect()->route('first-run');
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $request->authenticate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
