<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\LedgerView;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\WhyView;
use App\Http\Requests\WhyRequest;
use App\Journal\Learning;
use App\Models\System;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Where nitrogen and phosphorus go, and what the readings teach of it. */
final class LedgerController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $weeks = $request->integer('weeks');

        // A copy that was put back, or a newer Ithys, wants it without a write.
        (new Learning($system))->wanted(0);

        return Inertia::render('Ledger/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'ledger' => LedgerView::of(
                $system,
                $keeper,
                in_array($weeks, LedgerView::WEEKS, true) ? $weeks : 12,
                now()->toDateTimeImmutable(),
            ),
            'learning' => (new Learning($system))->toArray(),
            'choices' => LedgerView::WEEKS,
        ]);
    }

    public function why(WhyRequest $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $now = now()->toDateTimeImmutable();
        (new Learning($system))->wanted(0);

        return Inertia::render('Ledger/Why', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'asked' => $request->asked($keeper->zone()),
            'problem' => $request->problem($keeper->zone()),
            'why' => $request->problem($keeper->zone()) === null
                ? WhyView::of($system, $keeper, $request->parameter(), $request->times($keeper->zone()), $now)
                : null,
            'learning' => (new Learning($system))->toArray(),
        ]);
    }
}
