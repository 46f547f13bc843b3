<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\TankForm;
use App\Http\Requests\TankRequest;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Assumption\Assumptions;

final class SystemController extends Controller
{
    public function create(Request $request): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Path/Create', [
            'first' => ! $keeper->systems()->exists(),
            'start' => TankForm::start(),
            'schools' => TankForm::schools(Assumptions::standard(), $keeper->words()),
        ]);
    }

    public function store(TankRequest $request): RedirectResponse
    {
        $tank = $request->tank();
        $keeper = $this->keeper($request);
        $system = DB::transaction(function () use ($request, $tank, $keeper): System {
            $system = System::query()->create(['name' => $request->name()]);
            $system->members()->attach($keeper, ['role' => 'owner']);
            $system
                ->revisions()
                ->create(['user_id' => $keeper->id, 'in_force_from' => now(), 'document' => $tank->toArray()]);

            return $system;
        });

        return redirect()
            ->route('path.show', $system)
            ->with('flash', ['message' => "{$system->name} is described. Log a reading with L, or import a file."]);
    }

    public function destroy(System $system): RedirectResponse
    {
        $system->delete();

        return redirect('/settings')->with('flash', [
            'message' => "{$system->name} is in the bin.",
            'undo' => route('systems.restore', $system->id),
        ]);
    }

    public function restore(Request $request, int $id): RedirectResponse
    {
        $system = $this->binned($this->keeper($request), $id);
        $system->restore();

        return redirect()->route('journal.show', $system)->with('flash', ['message' => "{$system->name} is back."]);
    }

    private function binned(User $keeper, int $id): System
    {
        return System::onlyTrashed()
            ->whereHas('members', fn ($members) => $members->whereKey($keeper->id)->where('role', 'owner'))
            ->findOrFail($id);
    }
}
