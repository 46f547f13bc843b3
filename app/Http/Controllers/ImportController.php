<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ImportState;
use App\Exchange\TableImport;
use App\Exchange\TableMemory;
use App\Exchange\UnreadableFile;
use App\Exchange\UploadStore;
use App\Http\Pages\ImportView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\ImportRequest;
use App\Http\Requests\UploadRequest;
use App\Jobs\ImportTable;
use App\Journal\ImportUnderWay;
use App\Journal\PastImports;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Journal\Table\Choices;

/** Entries from a table: upload, preview with choices, confirm; and the list of those that were read in. */
final class ImportController extends Controller
{
    private const ROWS_A_PAGE = 100;

    private const EXAMPLE = <<<'CSV'
        Date,NO3 (ppm),PO4 (ppb),Water change (L),Notes
        2026-03-04 20:15,8.5,60,40,
        2026-03-07,~8,<20,,after the new sock

        Datum;Parameter;Wert;Einheit
        4.3.2026;Nitrat;8,5;mg/l
        CSV;

    public function create(Request $request, System $system): Response
    {
        return Inertia::render('Journal/Import', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'megabytes' => config('app.import_megabytes'),
            'example' => self::EXAMPLE,
            'past' => PastImports::of($system),
        ]);
    }

    public function store(UploadRequest $request, System $system): RedirectResponse
    {
        $uploads = new UploadStore($system);
        $name = $uploads->keep($request->csv());
        try {
            $this->read($request, $system, (string) $uploads->path($name));
        } catch (UnreadableFile $unreadable) {
            $uploads->forget($name);
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }

        return redirect()->route('import.show', [$system, $name]);
    }

    public function show(ImportRequest $request, System $system, string $upload): Response
    {
        $state = (new UploadStore($system))->state($upload);
        if ($state !== null) {
            return $this->progress($request, $system, $upload, $state);
        }
        [$import, $remembered] = $this->open($request, $system, $upload);
        $words = $this->keeper($request)->words();
        $problem = null;
        try {
            $preview = $import->preview($request->rowsShown(), $request->pageNumber(), self::ROWS_A_PAGE);
        } catch (UnreadableFile $unreadable) {
            $problem = $unreadable->getMessage();
        }

        return Inertia::render('Journal/ImportPreview', [
            'frame' => SystemFrame::of($system, $words),
            'upload' => $upload,
            'file' => (new UploadStore($system))->originalName($upload),
            'encoding' => $import->encoding,
            'layout' => ImportView::of($import, $words),
            'uses' => ImportView::uses(),
            'ambiguousDates' => $import->layout->ambiguousDates,
            'remarks' => [
                ...$remembered ? ['It is read as your last table with these headings was.'] : [],
                ...$import->layout->remarks,
            ],
            'problem' => $problem,
            'preview' => $preview ?? null,
            'show' => $request->rowsShown(),
            'page' => $request->pageNumber(),
        ]);
    }

    /** How far the import of a long table is, and what came of it. */
    private function progress(Request $request, System $system, string $upload, ImportState $state): Response
    {
        return Inertia::render('Journal/ImportProgress', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'file' => (new UploadStore($system))->originalName($upload),
            'state' => [
                'is' => $state->is,
                'line' => $state->line,
                'lines' => $state->lines,
                'saved' => $state->saved,
                'leftOut' => $state->leftOut,
                'why' => $state->why,
                'problem' => $state->problem,
                'takeBack' => $state->batch !== null && $system->entries()->where('batch', $state->batch)->exists()
                    ? route('journal.undo', [$system, $state->batch])
                    : null,
            ],
        ]);
    }

    public function confirm(ImportRequest $request, System $system, string $upload): RedirectResponse
    {
        $uploads = new UploadStore($system);
        if ($uploads->state($upload) !== null) {
            return redirect()->route('import.show', [$system, $upload]);
        }
        [$import] = $this->open($request, $system, $upload);
        $questions = $import->layout->questions();
        if ($questions !== []) {
            $words = $this->keeper($request)->words();
            throw ValidationException::withMessages(['file' => $words->say($questions[0][1])]);
        }
        try {
            if ($import->isLong()) {
                $uploads->note($upload, ImportState::waits());
                ImportTable::dispatch(
                    $system->id,
                    $this->keeper($request)->id,
                    $upload,
                    $import->separator,
                    $import->choices,
                );

                return redirect()->route('import.show', [$system, $upload]);
            }
            $saved = $import->save($uploads->originalName($upload));
        } catch (UnreadableFile|ImportUnderWay $problem) {
            throw ValidationException::withMessages(['file' => $problem->getMessage()]);
        }
        if ($saved->entries > 0 && $request->choices() !== null) {
            (new TableMemory($this->keeper($request), $system))->keep($import->layout, $request->choices());
        }
        $uploads->forget($upload);

        return redirect()
            ->route('journal.show', [$system, 'range' => 'all'])
            ->with(
                'flash',
                $saved->entries === 0
                    ? ['message' => 'Nothing new in the file: no entry was added.']
                    : [
                        'message' => number_format($saved->entries)
                            .($saved->entries === 1 ? ' entry imported.' : ' entries imported.'),
                        'undo' => route('journal.undo', [$system, $saved->batch]),
                    ],
            );
    }

    /** @return array{TableImport, bool} and whether it is read as the last such table was */
    private function open(ImportRequest $request, System $system, string $upload): array
    {
        $path
            = (new UploadStore($system))->path($upload)
            ?? throw ValidationException::withMessages([
                'file' => 'That file is no longer here: it was imported already, or it waited for more than a day. '
                    .'Choose it again.',
            ])->redirectTo(route('import.create', $system));
        $choices = $request->choices();
        $import = $this->read($request, $system, $path, $request->separator(), $choices ?? new Choices);
        $remembered = $choices === null
            ? (new TableMemory($this->keeper($request), $system))->of($import->layout)
            : null;

        return $remembered === null
            ? [$import, false]
            : [$this->read($request, $system, $path, $request->separator(), $remembered), true];
    }

    private function read(
        Request $request,
        System $system,
        string $path,
        ?string $separator = null,
        Choices $choices = new Choices,
    ): TableImport {
        return TableImport::open(
            $path,
            $system,
            $this->keeper($request),
            now()->toDateTimeImmutable(),
            $separator,
            $choices,
        );
    }
}
