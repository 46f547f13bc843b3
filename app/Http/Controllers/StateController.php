<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\StateView;
use App\Http\Pages\SystemFrame;
use App\Models\System;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The state of a tank, on one page to print or to send. */
final class StateController extends Controller
{
    public function __invoke(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('State/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'state' => StateView::of($system, $keeper, now()->toDateTimeImmutable()),
        ]);
    }
}
