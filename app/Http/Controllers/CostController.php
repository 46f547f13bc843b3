<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\CostsView;
use App\Http\Pages\SystemFrame;
use App\Models\System;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What ways to filter cost in a year on a tank, in minutes and in money. */
final class CostController extends Controller
{
    public function __invoke(Request $request, System $system): Response
    {
        $words = $this->keeper($request)->words();

        return Inertia::render('Care/Costs', [
            'frame' => SystemFrame::of($system, $words),
            'costs' => CostsView::of($system, $words, now()->toDateTimeImmutable()),
        ]);
    }
}
