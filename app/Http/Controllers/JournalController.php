<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\AlertsView;
use App\Http\Pages\JournalTableView;
use App\Http\Pages\KeptSheet;
use App\Http\Pages\PhotosView;
use App\Http\Pages\RankedChanges;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TargetView;
use App\Http\Pages\VerdictView;
use App\Http\Requests\TideSheetRequest;
use App\Journal\AlreadyInJournal;
use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\LogLine;
use App\Journal\TrialLog;
use App\Journal\TrialSheet;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Journal\Entry;
use Ithys\Journal\QuickEntry\Past;
use Ithys\Journal\QuickEntry\Understood;

/** The tide sheet, the one-line log and the verdict on a change. */
final class JournalController extends Controller
{
    public function show(TideSheetRequest $request, System $system): Response
    {
        $keeper = $this->keeper($request);
        $now = now()->toDateTimeImmutable();
        $view = $request->view();
        [$sheet, $opening] = KeptSheet::of($system, $keeper, $request->range(), $now);
        $change = $request->change($system)
            ?? ($opening === null ? null : $system->entries()->find($opening)?->toEntry());
        // What nobody asked for need not be waited for.
        $comesLater = $change !== null && ! $request->hasAny(['change', 'window', 'wanted', 'span'])
            && Kept::lacks($system, $this->verdictKey($request, $system, $change), $now);

        return Inertia::render('Journal/Show', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            // An object, since Inertia would walk through every cell of an array to look for closures.
            'sheet' => (object) $sheet,
            // Kept apart: what charges take is reckoned anew with what is learned.
            'courses' => (object) (new FitShelf($system))->courses(),
            'range' => $request->range(),
            'view' => $view,
            'table' => $view === 'table'
                ? JournalTableView::of(
                    $system,
                    $keeper,
                    $request->range(),
                    $request->words(),
                    $request->page(),
                    $now,
                )
                : null,
            'ranked' => $view === 'changes'
                ? RankedChanges::of(
                    $system,
                    $keeper,
                    $request->range(),
                    $request->windowDays(),
                    $request->wantedShare($system),
                    $now,
                )
                : null,
            'photos' => $view === 'photos' ? PhotosView::of($system, $now->setTimezone($keeper->zone())) : null,
            'verdict' => match (true) {
                $change === null => null,
                $comesLater => Inertia::defer(fn (): array => $this->verdict($request, $system, $change, $now)),
                default => $this->verdict($request, $system, $change, $now),
            },
            'picked' => $change?->id,
            'alerts' => AlertsView::of($system, $keeper, $now),
            'target' => TargetView::of($system, $keeper->words()),
            'choices' => [
                'windows' => VerdictView::WINDOWS,
                'wanted' => VerdictView::wanted($system),
                'spans' => VerdictView::SPANS,
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private function verdict(
        TideSheetRequest $request,
        System $system,
        Entry $change,
        DateTimeImmutable $now,
    ): array {
        $keeper = $this->keeper($request);
        $asked = [$request->windowDays(), $request->wantedShare($system), $request->spanDays()];

        return Kept::of(
            $system,
            $this->verdictKey($request, $system, $change),
            $now,
            // What was read since the hour began counts too.
            static fn (DateTimeImmutable $hour): array => VerdictView::of(
                $system,
                $keeper,
                $change,
                $asked[0],
                $asked[1],
                $hour->modify('+1 hour'),
                $asked[2],
            ),
        );
    }

    private function verdictKey(TideSheetRequest $request, System $system, Entry $change): string
    {
        return sprintf(
            'verdict %d %s %s %s %s %s',
            $change->id,
            $request->windowDays(),
            $request->wantedShare($system),
            $request->spanDays(),
            $this->keeper($request)->units->value,
            (new FitShelf($system))->mark(),
        );
    }

    public function understand(Request $request, System $system): JsonResponse
    {
        $line = $request->input('line');
        $trial = TrialLog::read($system, is_string($line) ? $line : '', now()->toDateTimeImmutable());

        return response()->json([
            ...($trial ?? $this->read($request, $system))->toArray(),
            'past' => Past::like(is_string($line) ? $line : '', (new Journal($system))->recent()),
        ]);
    }

    public function store(Request $request, System $system): RedirectResponse
    {
        $line = $request->input('line');
        $trial = TrialLog::read($system, is_string($line) ? $line : '', now()->toDateTimeImmutable());
        if ($trial !== null) {
            return $this->storeTrial($trial, $system, $this->keeper($request));
        }
        $understood = $this->read($request, $system);
        if (! $understood->mayBeSaved()) {
            throw ValidationException::withMessages([
                'line' => $understood->problems[0]->sentence ?? 'Write what was read or done.',
            ]);
        }
        try {
            $batch = (new Journal($system))->record($understood->entries, $this->keeper($request));
        } catch (AlreadyInJournal $already) {
            throw ValidationException::withMessages(['line' => $already->getMessage()]);
        }
        $words = $this->keeper($request)->words();
        $times = array_count_values(array_map(
            static fn (Entry $entry): string => $words->say($entry->payload->summary()),
            $understood->entries,
        ));
        $what = implode(', ', array_map(
            static fn (string $summary, int $n): string => $n === 1 ? $summary : "{$summary}, {$n} times",
            array_keys($times),
            $times,
        ));

        return back()->with('flash', [
            'message' => "Logged: {$what}.",
            'undo' => route('journal.undo', [$system, $batch]),
        ]);
    }

    /** Readings of a trial go into its sheet, not into the journal. */
    private function storeTrial(TrialLog $read, System $system, User $keeper): RedirectResponse
    {
        if ($read->trial === null || $read->cells === [] || $read->problems !== []) {
            throw ValidationException::withMessages(['line' => $read->problems[0]->sentence ?? '']);
        }
        (new TrialSheet($read->trial, now()->toDateTimeImmutable()))->save($read->cells, $keeper);

        return back()->with('flash', [
            'message' => 'Saved in the trial: '.TrialSheetController::counted(count($read->cells)).'.',
        ]);
    }

    public function destroy(System $system, int $entry): RedirectResponse
    {
        $line = $system->entries()->findOrFail($entry);
        $line->delete();

        return back()
            ->with('flash', ['message' => 'In the bin.', 'undo' => route('bin.restore', [$system, $line->id])]);
    }

    /** Takes back a whole log or import; it goes to the bin. */
    public function undo(System $system, string $batch): RedirectResponse
    {
        $count = $system->entries()->where('batch', $batch)->delete();
        abort_if($count === 0, 404);

        return back()->with('flash', [
            'message' => $count === 1 ? 'Taken back.' : 'Taken back: '.number_format($count).' entries.',
            'undo' => route('bin.restore-batch', [$system, $batch]),
        ]);
    }

    private function read(Request $request, System $system): Understood
    {
        $line = $request->input('line');

        return LogLine::read($system, $this->keeper($request), is_string($line) ? $line : '');
    }
}
