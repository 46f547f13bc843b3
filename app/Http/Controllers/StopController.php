<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\StopView;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How one stop of the water is doing. */
final class StopController extends Controller
{
    public function show(Request $request, System $system, string $item): JsonResponse
    {
        $now = now()->toDateTimeImmutable();
        $stop = $system->setupAt($now)->path?->find($item);

        return response()->json($stop === null
            ? ['missing' => 'It is not on the path in force yet: put the draft in force first.']
            : StopView::of($system, $stop, $this->keeper($request), $now));
    }
}
