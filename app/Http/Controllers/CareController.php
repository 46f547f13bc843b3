<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\CareView;
use App\Http\Pages\PowerCutView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\IntervalRequest;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Care\Plan;
use Ithys\Journal\ChoreWord\Chore;

/** What is due today, on all tanks of a keeper. */
final class CareController extends Controller
{
    private const WEEK = 7;

    private const LONGEST_NAME = 40;

    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Care/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'care' => CareView::of($keeper, now()->toDateTimeImmutable()),
            'powerCut' => PowerCutView::of($system, $keeper->words(), now()->toDateTimeImmutable()),
        ]);
    }

    /** Another interval for a chore of this tank, with its reason. */
    public function interval(IntervalRequest $request, System $system, Chore $chore): RedirectResponse
    {
        $overlay = $request->overlay();
        $system->overlay("care-{$chore->value}", $overlay);

        return redirect()->route('care.show', $system)->with('flash', [
            'message' => $overlay->value === 1.0
                ? "{$chore->label()}: every day from now on."
                : sprintf('%s: every %d days from now on.', $chore->label(), (int) $overlay->value),
        ]);
    }

    /** Weekdays without work. */
    public function plan(Request $request, System $system): RedirectResponse
    {
        $typed = $request->input('off');
        $off = array_values(array_filter(
            is_array($typed) ? $typed : [],
            static fn (mixed $one): bool => is_numeric($one) && (int) $one >= 1 && (int) $one <= self::WEEK,
        ));
        if (count(array_unique(array_map(intval(...), $off))) >= self::WEEK) {
            throw ValidationException::withMessages(['off' => 'Leave at least one weekday to work on.']);
        }
        $plan = Plan::of($off, $system->carePlan()->doers);
        $system->forceFill(['care_plan' => ['off' => $plan->off, 'doers' => $plan->doers]])->save();

        return back()->with('flash', ['message' => $plan->off === []
            ? 'Care may be due on every day of the week.'
            : 'Nothing is planned on these weekdays from now on.']);
    }

    /** Who does a chore; nobody for whoever is there. */
    public function doer(Request $request, System $system, Chore $chore): RedirectResponse
    {
        $typed = $request->input('who');
        $name = is_string($typed) ? trim($typed) : '';
        if (mb_strlen($name) > self::LONGEST_NAME) {
            throw ValidationException::withMessages(['who' => 'Write at most '.self::LONGEST_NAME.' characters.']);
        }
        $plan = $system->carePlan();
        $doers = array_filter([...$plan->doers, $chore->value => $name], static fn (string $one): bool => $one !== '');
        $system->forceFill(['care_plan' => ['off' => $plan->off, 'doers' => $doers]])->save();

        return back()->with('flash', ['message' => $name === ''
            ? "{$chore->label()}: whoever is there."
            : "{$chore->label()}: {$name}."]);
    }
}
