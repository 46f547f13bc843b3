<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\CsvFile;
use App\Http\Pages\SystemFrame;
use App\Http\Pages\TrialsView;
use App\Http\Requests\TrialRequest;
use App\Models\System;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Journal\Table\FormulaGuard;
use RuntimeException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Trials: planned, run by a sheet of units and days, and judged once. */
final class TrialController extends Controller
{
    private const SEEDS = 2_000_000_000;

    private const LOCKED = 'The plan is locked since the start. Write what you change as an amendment.';

    public function index(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Trials/Index', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'trials' => TrialsView::all($system, $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    public function show(Request $request, System $system, int $trial): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Trials/Show', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'trial' => TrialsView::of($this->find($system, $trial), $keeper, now()->toDateTimeImmutable()),
        ]);
    }

    /** What the plan as it is typed can show. */
    public function preview(TrialRequest $request, System $system): JsonResponse
    {
        $keeper = $this->keeper($request);

        try {
            $power = TrialsView::power($request->plan($keeper->units), $keeper->words());
        } catch (ValidationException) {
            // Half typed it shows nothing yet; what is wrong is told when it is saved.
            $power = ['may' => true, 'options' => []];
        }

        return response()->json($power);
    }

    public function store(TrialRequest $request, System $system): RedirectResponse
    {
        $plan = $request->plan($this->keeper($request)->units);
        $trial = new Trial(['plan' => $plan->toArray(), 'seed' => random_int(1, self::SEEDS), 'amendments' => []]);
        $trial->system_id = $system->id;
        $trial->save();

        return redirect()->route('trials.show', [$system, $trial])
            ->with('flash', ['message' => 'The trial is planned.']);
    }

    public function start(System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        if ($found->started !== null) {
            throw ValidationException::withMessages(['plan' => self::LOCKED]);
        }
        $found->update(['started' => now($system->zone())->format('Y-m-d')]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', [
            'message' => 'Started: today is day 0. The plan is locked from now on.',
        ]);
    }

    public function read(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        if ($found->started === null || $found->ended !== null) {
            throw ValidationException::withMessages(['cells' => $found->started === null
                ? 'Start the trial first: what is read before its start does not count.'
                : 'This trial has ended.']);
        }
        $cells = $request->cells($found, $found->day(now()->toDateTimeImmutable()) ?? 0);
        $by = $this->keeper($request)->id;
        // What is changed once the verdict is known is told with it.
        $late = $found->judged(now()->toDateTimeImmutable())->withheld === null
            ? $found->corrections($cells, now($system->zone())->format('Y-m-d'))
            : [];
        DB::transaction(static function () use ($found, $cells, $by, $late): void {
            $late === [] || $found->update(['amendments' => [...$found->amendments, ...$late]]);
            foreach ($cells as $one) {
                $place = ['unit' => $one['unit'], 'day' => $one['day']];
                $one['cell'] === ''
                    ? $found->cells()->where($place)->delete()
                    : $found->cells()->updateOrCreate($place, ['cell' => $one['cell'], 'user_id' => $by]);
            }
        });

        return redirect()->route('trials.show', [$system, $found])->with('flash', [
            'message' => count($cells) === 1 ? 'Saved: 1 reading.' : 'Saved: '.count($cells).' readings.',
        ]);
    }

    /** What is changed of a plan that runs, with its day. */
    public function amend(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        $found->update(['amendments' => [
            ...$found->amendments,
            ['day' => now($system->zone())->format('Y-m-d'), 'text' => $request->amendment()],
        ]]);

        return redirect()->route('trials.show', [$system, $found])->with('flash', ['message' => 'Noted.']);
    }

    public function end(System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        if ($found->started === null || $found->ended !== null) {
            throw ValidationException::withMessages(['plan' => 'Only a trial that runs can end.']);
        }
        $found->update(['ended' => now($system->zone())->format('Y-m-d')]);

        return redirect()->route('trials.show', [$system, $found])
            ->with('flash', ['message' => 'The trial has ended.']);
    }

    public function destroy(System $system, int $trial): RedirectResponse
    {
        $found = $this->find($system, $trial);
        $found->delete();

        return redirect()->route('trials.index', $system)->with('flash', [
            'message' => 'In the bin.',
            'undo' => route('trials.restore', [$system, $found->id]),
        ]);
    }

    public function restore(System $system, int $trial): RedirectResponse
    {
        Trial::onlyTrashed()->where('system_id', $system->id)->findOrFail($trial)->restore();

        return redirect()->route('trials.index', $system)->with('flash', ['message' => 'The trial is back.']);
    }

    /** The plan as a file that another household can open. */
    public function json(System $system, int $trial): JsonResponse
    {
        return response()->json($this->find($system, $trial)->planned()->toArray(), 200, [
            'Content-Disposition' => 'attachment; filename="ithys-trial.json"',
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
    }

    public function csv(Request $request, System $system, int $trial): StreamedResponse
    {
        $view = TrialsView::of($this->find($system, $trial), $this->keeper($request), now()->toDateTimeImmutable());

        return response()->streamDownload(static function () use ($view): void {
            $to = fopen('php://output', 'wb') ?: throw new RuntimeException('No output.');
            CsvFile::line($to, ['unit', 'arm', 'day', 'reading']);
            foreach (is_array($view['units']) ? $view['units'] : [] as $unit) {
                foreach ((array) $unit['cells'] as $day => $cell) {
                    CsvFile::line($to, [
                        $unit['unit'],
                        $unit['arm'] === null ? '' : FormulaGuard::on($view['arms'][$unit['arm']]),
                        (string) $day,
                        FormulaGuard::on((string) $cell),
                    ]);
                }
            }
            fclose($to);
        }, 'ithys-trial.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    private function find(System $system, int $trial): Trial
    {
        return Trial::query()->where('system_id', $system->id)->with(['cells', 'system'])->findOrFail($trial);
    }
}
