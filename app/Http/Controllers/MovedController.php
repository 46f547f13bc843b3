<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads the old address of an area to where it is now. */
final class MovedController extends Controller
{
    public function __invoke(Request $request, System $system): RedirectResponse
    {
        $route = $request->route();
        $path = implode('/', array_filter([$route?->parameter('area'), $route?->parameter('page')], is_string(...)));

        return redirect()->to("/systems/{$system->id}/{$path}", 301);
    }
}
