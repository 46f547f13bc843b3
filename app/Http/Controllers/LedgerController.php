<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\LedgerView;
use App\Http\Pages\SystemFrame;
use App\Journal\FitShelf;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Nutrient\Calibration\TooFewReadings;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Timeline\Missing;

/** Where nitrogen and phosphorus go, and what the readings teach of it. */
final class LedgerController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $weeks = $request->integer('weeks');

        return Inertia::render('Ledger/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'ledger' => LedgerView::of(
                $system,
                $keeper,
                in_array($weeks, LedgerView::WEEKS, true) ? $weeks : 12,
                now()->toDateTimeImmutable(),
            ),
            'choices' => LedgerView::WEEKS,
        ]);
    }

    /** Takes some seconds; the page stands meanwhile with what was learned before. */
    public function learn(System $system): RedirectResponse
    {
        try {
            (new FitShelf($system))->learn(now()->toDateTimeImmutable());
        } catch (Missing|TooFewReadings|InvalidLever $problem) {
            return back()->withErrors(['fit' => $problem->getMessage()]);
        }

        return back();
    }
}
