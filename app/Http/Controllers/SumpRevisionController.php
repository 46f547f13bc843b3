<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\System;
use Illuminate\Http\RedirectResponse;

/** Takes a sump out of force that was put in force by mistake, and back in. */
final class SumpRevisionController extends Controller
{
    public function takeBack(System $system, int $revision): RedirectResponse
    {
        $system->sumpRevisions()->findOrFail($revision)->delete();

        return redirect()
            ->route('section.show', $system)
            ->with('flash', [
                'message' => 'Taken back: that sump is not in force from that day.',
                'undo' => route('sump-revisions.restore', [$system, $revision]),
            ]);
    }

    public function restore(System $system, int $revision): RedirectResponse
    {
        $system->sumpRevisions()->onlyTrashed()->findOrFail($revision)->restore();

        return redirect()->route('section.show', $system)->with('flash', ['message' => 'It is in force again.']);
    }
}
