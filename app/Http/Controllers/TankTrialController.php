<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\TankTrialView;
use App\Http\Requests\TrialRequest;
use App\Journal\TankTrials;
use App\Models\System;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ithys\Journal\Entry;

/** Trials in the tanks themselves: what they can show, what was switched, and which change is judged. */
final class TankTrialController extends Controller
{
    /** What the plan as it is typed can show in these tanks. */
    public function preview(TrialRequest $request, System $system): JsonResponse
    {
        $keeper = $this->keeper($request);
        try {
            $plan = $request->tankPlan($keeper->units);
            $other = $request->other($system, $keeper, $plan);
            $power = TankTrialView::power(
                $plan,
                null,
                $other === null ? [$system] : [$system, $other],
                $keeper->words(),
                now()->toDateTimeImmutable(),
            );
        } catch (ValidationException) {
            // Half typed it shows nothing yet; what is wrong is told when it is saved.
            $power = ['smallest' => null, 'lacks' => null];
        }

        return response()->json($power);
    }

    /** That something was switched, and on which day. */
    public function made(TrialRequest $request, System $system, int $trial, int $planned): RedirectResponse
    {
        $found = $this->find($system, $trial);
        $day = $request->switchedOn($found, $planned, now()->toDateTimeImmutable());
        $found->update(['switched' => [$planned => $day] + $found->switched]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', ['message' => 'Noted.']);
    }

    /** Which change of the journal is the one of the trial. */
    public function pick(Request $request, System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        $now = now()->toDateTimeImmutable();
        $tanks = new TankTrials($found, $now);
        $id = $request->integer('entry');
        $picked = array_values(array_filter(
            $tanks->candidates(),
            static fn (Entry $one): bool => $one->id === $id,
        ))[0] ?? throw ValidationException::withMessages([
            'entry' => 'Choose a change that was logged on the day by lot, or in the week after it.',
        ]);
        $planned = $found->fill(['switched' => []])->lot()->changeDay();
        $found->update([
            'entry_id' => $picked->id,
            'switched' => [$planned => $tanks->dayOf($picked)],
        ]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', ['message' => 'Noted.']);
    }

    private function find(System $system, int $trial): Trial
    {
        $found = TrialController::find($system, $trial);

        return $found->isInUnits() ? abort(404) : $found;
    }
}
