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
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Journal\ChoreWord\Chore;

/** What is due today, on all tanks of a keeper. */
final class CareController extends Controller
{
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
}
