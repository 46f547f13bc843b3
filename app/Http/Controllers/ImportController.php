<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ColumnRole;
use App\Exchange\ReadingsImport;
use App\Exchange\UnreadableFile;
use App\Exchange\UploadStore;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\ImportRequest;
use App\Http\Requests\UploadRequest;
use App\Journal\ImportUnderWay;
use App\Models\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Readings from a CSV file: upload, preview with choices, confirm. */
final class ImportController extends Controller
{
    private const ROWS_A_PAGE = 100;

    public function create(Request $request, System $system): Response
    {
        return Inertia::render('Journal/Import', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'megabytes' => config('app.import_megabytes'),
            'example' => ColumnRole::EXAMPLE,
        ]);
    }

    public function store(UploadRequest $request, System $system): RedirectResponse
    {
        $uploads = new UploadStore($system);
        $name = $uploads->keep($request->csv());
        try {
            ReadingsImport::open((string) $uploads->path($name), $this->keeper($request)->zone());
        } catch (UnreadableFile $unreadable) {
            $uploads->forget($name);
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }

        return redirect()->route('import.show', [$system, $name]);
    }

    public function show(ImportRequest $request, System $system, string $upload): Response
    {
        $import = $this->open($request, $system, $upload);
        $options = $request->options($import->guess);
        $problem = null;
        try {
            $preview = $import->preview(
                $system,
                $options,
                now()->toDateTimeImmutable(),
                $this->keeper($request)->words(),
                $request->rowsShown(),
                $request->pageNumber(),
                self::ROWS_A_PAGE,
            );
        } catch (UnreadableFile $unreadable) {
            $problem = $unreadable->getMessage();
        }

        return Inertia::render('Journal/ImportPreview', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'upload' => $upload,
            'file' => (new UploadStore($system))->originalName($upload),
            'encoding' => $import->encoding,
            'header' => $import->header,
            'options' => $options->toArray(),
            'roles' => array_map(
                static fn (ColumnRole $role): array => [$role->value, $role->label()],
                ColumnRole::cases(),
            ),
            'ambiguousDates' => $import->ambiguousDates && $options->dateOrder === $import->guess->dateOrder,
            'problem' => $problem,
            'preview' => $preview ?? null,
            'show' => $request->rowsShown(),
            'page' => $request->pageNumber(),
        ]);
    }

    public function confirm(ImportRequest $request, System $system, string $upload): RedirectResponse
    {
        $import = $this->open($request, $system, $upload);
        try {
            $saved = $import->save(
                $system,
                $this->keeper($request),
                $request->options($import->guess),
                now()->toDateTimeImmutable(),
            );
        } catch (UnreadableFile|ImportUnderWay $problem) {
            throw ValidationException::withMessages(['file' => $problem->getMessage()]);
        }
        (new UploadStore($system))->forget($upload);

        return redirect()
            ->route('journal.show', [$system, 'range' => 'all'])
            ->with(
                'flash',
                $saved['saved'] === 0
                    ? ['message' => 'Nothing new in the file: no reading was added.']
                    : [
                        'message' => number_format($saved['saved']).' readings imported.',
                        'undo' => route('journal.undo', [$system, $saved['batch']]),
                    ],
            );
    }

    private function open(Request $request, System $system, string $upload): ReadingsImport
    {
        $path
            = (new UploadStore($system))->path($upload)
            ?? throw ValidationException::withMessages([
                'file' => 'That file is no longer here: it was imported already, or it waited for more than a day. '
                    .'Choose it again.',
            ])->redirectTo(route('import.create', $system));

        return ReadingsImport::open($path, $this->keeper($request)->zone());
    }
}
