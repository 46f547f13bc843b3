<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\Health;
use App\Http\Pages\ParametersView;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Middleware;
use Ithys\Journal\QuickEntry\Examples;
use Ithys\Quantity\UnitSystem;

final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();
        $units = $user instanceof User ? $user->units : UnitSystem::Metric;

        return [
            ...parent::share($request),
            'keeper' => $user instanceof User
                    ? [
                        'name' => $user->name,
                        'email' => $user->email,
                        'zone' => $user->timezone,
                        'units' => $units->value,
                        'currency' => $user->currency,
                    ]
                    : null,
            'units' => $units->toArray(),
            'parameters' => ParametersView::all($units),
            'examples' => ['log' => Examples::of($units), 'change' => Examples::change($units)],
            'systems' => fn (): array => $user instanceof User
                ? $user
                    ->systems()
                    ->orderBy('name')
                    ->get(['systems.id', 'systems.name'])
                    ->map(fn (System $system): array => ['id' => $system->id, 'name' => $system->name])
                    ->all()
                : [],
            // What no page may hide: the data file is damaged.
            'damage' => $user instanceof User ? Health::sentence() : null,
            'flash' => fn (): ?array => $request->session()->get('flash'),
        ];
    }
}
