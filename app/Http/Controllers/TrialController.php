<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\SystemFrame;
use App\Http\Pages\TankTrialView;
use App\Http\Pages\TrialsView;
use App\Http\Pages\TrialView;
use App\Http\Requests\TrialRequest;
use App\Models\System;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\TrialFile;

/** Trials: planned, started, amended, ended, and learned from. */
final class TrialController extends Controller
{
    private const SEEDS = 2_000_000_000;

    private const LOCKED = 'The plan is locked since the start. Write what you change as an amendment.';

    public function index(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $from = Trial::query()->whereIn('system_id', $keeper->systems()->pluck('systems.id'))
            ->with('system')->find($request->integer('from'));

        return Inertia::render('Trials/Index', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'trials' => TrialsView::all($system, $keeper, now()->toDateTimeImmutable()),
            'from' => $from === null ? null : TrialsView::next($from, $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    public function show(Request $request, System $system, int $trial): Response
    {
        $keeper = $this->keeper($request);
        $found = self::find($system, $trial);
        $found->other === null || $request->user()?->can('read', $found->other) || abort(403);
        $view = $found->isInUnits() ? TrialView::of(...) : TankTrialView::of(...);

        return Inertia::render($found->isInUnits() ? 'Trials/Show' : 'Trials/Tank', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'trial' => $view($found, $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    /** What the plan as it is typed can show. */
    public function preview(TrialRequest $request, System $system): JsonResponse
    {
        $keeper = $this->keeper($request);
        try {
            $power = TrialsView::power($request->plan($keeper->units), $keeper->words());
        } catch (ValidationException) {
            // Half typed it shows nothing yet; what is wrong is told when it is saved.
            $power = ['may' => true, 'reads' => []];
        }

        return response()->json($power);
    }

    public function store(TrialRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $file = $request->isFile() ? $request->trialFile() : null;
        $trial = match (true) {
            $file instanceof TankPlan => self::ofTank($file, $request->other($system, $keeper, $file)),
            $file instanceof TrialFile => self::ofFile($file),
            $request->isOfTank() => self::ofTank(
                $plan = $request->tankPlan($keeper->units),
                $request->other($system, $keeper, $plan),
            ),
            default => self::ofFile(new TrialFile($request->plan($keeper->units), null)),
        };
        $trial->system_id = $system->id;
        DB::transaction(static function () use ($trial, $file, $keeper): void {
            $trial->save();
            foreach ($file instanceof TrialFile ? $file->run['cells'] ?? [] : [] as $one) {
                $trial->cells()->create([...$one, 'user_id' => $keeper->id]);
            }
        });

        return redirect()->route('trials.show', [$system, $trial])->with('flash', [
            'message' => $trial->ended === null ? 'The trial is planned.' : 'The trial is opened, with its readings.',
        ]);
    }

    private static function ofFile(TrialFile $file): Trial
    {
        return new Trial([
            'plan' => $file->plan->toArray(),
            'seed' => $file->run['seed'] ?? random_int(1, self::SEEDS),
            ...array_intersect_key($file->run ?? [], array_flip(['started', 'ended', 'amendments', 'lessons'])),
        ]);
    }

    private static function ofTank(TankPlan $plan, ?System $other): Trial
    {
        return new Trial([
            'form' => $plan->form->value,
            'plan' => $plan->toArray(),
            'seed' => random_int(1, self::SEEDS),
            'other_system_id' => $other?->id,
        ]);
    }

    public function start(System $system, int $trial): RedirectResponse
    {
        $found = self::find($system, $trial);
        if ($found->started !== null) {
            throw ValidationException::withMessages(['plan' => self::LOCKED]);
        }
        $found->update(['started' => now($system->zone())->format('Y-m-d')]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', [
            'message' => 'Started: today is day 0. The plan is locked from now on.',
        ]);
    }

    /** What is changed of a plan that runs, with its day. */
    public function amend(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        $found = self::find($system, $trial);
        if ($found->started === null) {
            throw ValidationException::withMessages(['text' => 'It has not started: plan it differently instead.']);
        }
        $amendment = ['day' => now($system->zone())->format('Y-m-d'), ...$request->amendment()];
        DB::transaction(static fn (): bool => $found->refresh()->update([
            'amendments' => [...$found->amendments, $amendment],
        ]));

        return redirect()->route('trials.show', [$system, $found])->with('flash', ['message' => 'Noted.']);
    }

    /** What was learned of it, in the keeper's own lines. */
    public function learn(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        $found = self::find($system, $trial);
        $found->update(['lessons' => $request->lessons()]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', ['message' => 'Noted.']);
    }

    public function end(System $system, int $trial): RedirectResponse
    {
        $found = self::find($system, $trial);
        if ($found->started === null || $found->ended !== null) {
            throw ValidationException::withMessages(['plan' => 'Only a trial that runs can end.']);
        }
        $found->update(['ended' => now($system->zone())->format('Y-m-d')]);

        return redirect()->route('trials.show', [$system, $found])
            ->with('flash', ['message' => 'The trial has ended.']);
    }

    public function destroy(System $system, int $trial): RedirectResponse
    {
        self::find($system, $trial)->delete();

        return redirect()->route('trials.index', $system)->with('flash', [
            'message' => 'In the bin.',
            'undo' => route('trials.restore', [$system, $trial]),
        ]);
    }

    public function restore(System $system, int $trial): RedirectResponse
    {
        Trial::onlyTrashed()->where('system_id', $system->id)->findOrFail($trial)->restore();

        return redirect()->route('trials.index', $system)->with('flash', ['message' => 'The trial is back.']);
    }

    public static function find(System $system, int $trial): Trial
    {
        return Trial::query()->where('system_id', $system->id)->with(['system', 'other'])
            ->findOrFail($trial);
    }
}
