<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\IncidentsView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\IncidentRequest;
use App\Journal\AlreadyInJournal;
use App\Journal\Journal;
use App\Journal\LogLine;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Journal\Entry;
use Ithys\Journal\Payload;

/** What went wrong on a tank, and the first hour after a start. */
final class IncidentController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Care/Incidents', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'incidents' => IncidentsView::of($system, $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    public function store(IncidentRequest $request, System $system): RedirectResponse
    {
        return $this->log($request, $system, $request->incident($this->keeper($request)->units));
    }

    public function firstHour(IncidentRequest $request, System $system): RedirectResponse
    {
        return $this->log($request, $system, $request->firstHour());
    }

    /** @throws ValidationException for a day that cannot be, by the rules of the log */
    private function log(IncidentRequest $request, System $system, Payload $payload): RedirectResponse
    {
        $keeper = $this->keeper($request);
        // The log itself reads the moment; the line before it is no more than a line that it knows.
        $read = LogLine::read($system, $keeper, trim("crash {$request->moment()}"));
        if (! $read->mayBeSaved() || count($read->entries) !== 1) {
            throw ValidationException::withMessages([
                'when' => $read->problems[0]->sentence ?? 'Write when it was, such as “yesterday 18:00”.',
            ]);
        }
        try {
            $batch = (new Journal($system))->record([new Entry($read->entries[0]->at, $payload)], $keeper);
        } catch (AlreadyInJournal $already) {
            throw ValidationException::withMessages(['when' => $already->getMessage()]);
        }

        return redirect()->route('incidents.show', $system)->with('flash', [
            'message' => "Logged: {$keeper->words()->say($payload->summary())}.",
            'undo' => route('journal.undo', [$system, $batch]),
        ]);
    }
}
