<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads to what is due today, or to describing a first tank. */
final class HomeController extends Controller
{
    public function __invoke(Request $request): RedirectResponse
    {
        $system = $this->keeper($request)->systems()->orderBy('systems.id')->first(['systems.id']);

        return $system === null ? redirect()->route('systems.create') : redirect()->route('care.show', $system->id);
    }
}
