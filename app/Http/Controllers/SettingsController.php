<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\KeeperPassword;
use App\Auth\Tries;
use App\Database\Health;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Quantity\UnitSystem;

/** The keeper's own: name, zone, units, password, and tanks in the bin. */
final class SettingsController extends Controller
{
    private const TRIES_AT_PRESENT_PASSWORD = 5;

    public function show(Request $request): Response
    {
        return Inertia::render('Settings/Show', [
            'zones' => timezone_identifiers_list(),
            'copy' => Health::copy(),
            'binned' => $this->keeper($request)
                ->systems()
                ->onlyTrashed()
                ->get(['systems.id', 'systems.name', 'systems.deleted_at'])
                ->map(fn (System $system): array => ['id' => $system->id, 'name' => $system->name])
                ->all(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $this->keeper($request)->update(
            $request->validate(
                [
                    'name' => ['required', 'string', 'max:80'],
                    'timezone' => ['required', 'timezone:all_with_bc'],
                    'units' => ['required', Rule::enum(UnitSystem::class)],
                    'currency' => ['nullable', 'string', 'regex:/^[A-Z]{3}$/'],
                ],
                [
                    'currency.regex' => 'Write three capital letters, such as EUR.',
                    'name.required' => 'Enter a name.',
                    'timezone.timezone' => 'This is not a time zone; one looks like Europe/Berlin.',
                ],
            ),
        );

        return back()->with('flash', ['message' => 'Saved.']);
    }

    public function units(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $keeper->update($request->validate(['units' => ['required', Rule::enum(UnitSystem::class)]]));

        return back()->with('flash', [
            'message' => $keeper->units === UnitSystem::Us
                ? 'Figures are in US gallons, inches and °F now. U turns back.'
                : 'Figures are in litres, millimetres and °C now. U turns back.',
        ]);
    }

    public function password(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $typed = $request->validate(
            [
                'current_password' => ['required', 'string'],
                'password' => ['required', new KeeperPassword([$keeper->name, $keeper->email])],
            ],
            [
                'password.required' => 'Choose a new password.',
                'current_password.required' => 'Enter your present password.',
            ],
        );
        $tries = new Tries(["password|{$keeper->id}" => self::TRIES_AT_PRESENT_PASSWORD]);
        $tries->count('current_password');
        if (! Hash::check($typed['current_password'], $keeper->password)) {
            throw ValidationException::withMessages(['current_password' => 'This is not your present password.']);
        }
        $tries->forgive();
        // Other browsers that are signed in hold the old password's hash and are turned away.
        $keeper->update(['password' => $typed['password']]);
        Auth::login($keeper);
        $request->session()->regenerate();

        return back()->with('flash', ['message' => 'The password is changed.']);
    }
}
