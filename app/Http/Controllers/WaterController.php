<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TankForm;
use App\Http\Pages\WorkingVolumeView;
use App\Http\Preview;
use App\Http\Requests\TankRequest;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Quantity\Quantity;
use Ithys\System\Setup;

/** The water the path runs through: the tank as described, and what it comes to. */
final class WaterController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $setup = $system->setupAt(now());
        $units = $this->keeper($request)->units;
        $words = $this->keeper($request)->words();

        return Inertia::render('Path/Water', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'version' => $system->tank_version,
            'typed' => ['name' => $system->name, ...TankForm::of($setup->described, $units), 'since' => ''],
            'schools' => TankForm::schools($system->assumptions(), $words),
            'view' => WorkingVolumeView::of($setup, $words),
            // What the drawn sump computes is shown and not asked.
            'computed' => (object) array_filter([
                'sump' => $setup->sumpLitres()?->isComputed() === true
                        ? $words->say(Quantity::litres($setup->sumpLitres()->value))
                        : null,
                'flow' => $setup->litresPerHour()?->isComputed() === true
                        ? $words->say(Quantity::perHour($setup->litresPerHour()->value))
                        : null,
            ]),
            'revisions' => $system->revisions->map(fn ($revision): array => [
                'id' => $revision->id,
                'since' => $revision->in_force_from->getTimestamp(),
                'litres' => $system->workingLitresAt($revision->in_force_from),
            ])->reverse()->values()->all(),
        ]);
    }

    public function update(TankRequest $request, System $system): RedirectResponse
    {
        $tank = $request->tank();
        $since = $request->since();
        DB::transaction(function () use ($request, $system, $tank, $since): void {
            (new VersionedSave('tank', 'This description', 'tank_version'))->over(
                System::query()->whereKey($system->id),
                $request->integer('version'),
                ['name' => $request->name()],
            );
            if ($since === null) {
                $system->revisionAt(now())->update(['document' => $tank->toArray()]);
            } else {
                $system
                    ->revisions()
                    ->create([
                        'user_id' => $this->keeper($request)->id,
                        'in_force_from' => $since,
                        'document' => $tank->toArray(),
                    ]);
            }
        });

        return redirect()
            ->route('water.show', $system)
            ->with('flash', [
                'message' => $since === null
                    ? 'The description is put right.'
                    : 'The changed tank is in force from that day.',
            ]);
    }

    /** Answers a draft while it is typed; nothing is saved. What cannot be read yet is an answer too, not an error. */
    public function preview(TankRequest $request, ?System $system = null): JsonResponse
    {
        return Preview::of(
            fn (): array => WorkingVolumeView::of(
                new Setup(
                    $system === null ? $request->tank() : $request->tank()->assuming($system->assumptions()),
                    $system?->pathRevisionAt(now())?->path(),
                    $system?->sumpRevisionAt(now())?->design(),
                ),
                $this->keeper($request)->words(),
            ),
        );
    }
}
