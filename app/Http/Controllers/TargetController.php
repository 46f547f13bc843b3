<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ithys\Target\TargetSchool;

/** Picks the school whose levels a tank is held to. */
final class TargetController extends Controller
{
    public function update(Request $request, System $system): RedirectResponse
    {
        $asked = $request->input('school');
        $school = is_string($asked) ? TargetSchool::tryFrom($asked) : null;
        if ($school === null && $asked !== '' && $asked !== null) {
            throw ValidationException::withMessages(['school' => 'Pick one of the schools, or none.']);
        }
        $system->forceFill(['target_school' => $school])->save();

        return back();
    }
}
