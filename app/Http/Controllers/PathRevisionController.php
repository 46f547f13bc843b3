<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\System;
use Illuminate\Http\RedirectResponse;

/** Takes a path out of force that was put in force by mistake, and back in. */
final class PathRevisionController extends Controller
{
    public function takeBack(System $system, int $revision): RedirectResponse
    {
        $system->pathRevisions()->findOrFail($revision)->delete();

        return redirect()
            ->route('path.show', $system)
            ->with('flash', [
                'message' => 'Taken back: it is not in force from that day.',
                'undo' => route('path-revisions.restore', [$system, $revision]),
            ]);
    }

    public function restore(System $system, int $revision): RedirectResponse
    {
        $system->pathRevisions()->onlyTrashed()->findOrFail($revision)->restore();

        return redirect()->route('path.show', $system)->with('flash', ['message' => 'It is in force again.']);
    }
}
