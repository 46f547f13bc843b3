<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FirstKeeperRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** Makes the first keeper; once there is one, this door does not exist. */
final class FirstRunController extends Controller
{
    public function create(): Response
    {
        abort_if(User::query()->exists(), 404);

        return Inertia::render('Doors/FirstRun', ['zones' => timezone_identifiers_list()]);
    }

    public function store(FirstKeeperRequest $request): RedirectResponse
    {
        $user = DB::transaction(function () use ($request): User {
            abort_if(User::query()->lockForUpdate()->exists(), 404);

            return User::query()->create([
                ...$request->safe(['name', 'password', 'timezone', 'units']),
                'email' => Str::lower($request->string('email')->value()),
            ]);
        });
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('systems.create');
    }
}
