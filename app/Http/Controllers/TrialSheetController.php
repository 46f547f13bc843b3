<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\CsvFile;
use App\Http\Pages\TrialView;
use App\Http\Requests\TrialRequest;
use App\Journal\TrialSheet;
use App\Models\System;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ithys\Drawing\TrialSvg;
use Ithys\Journal\Table\FormulaGuard;
use Ithys\Trial\TrialFile;
use RuntimeException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The sheet of a trial in jars or boxes: filled by hand or from a table, and taken along. */
final class TrialSheetController extends Controller
{
    public function update(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        return $this->save($request, $system, $this->find($system, $trial), $request->cells());
    }

    public function import(TrialRequest $request, System $system, int $trial): RedirectResponse
    {
        return $this->save($request, $system, $this->find($system, $trial), $request->table());
    }

    /** @param  list<array{parameter: string, unit: string, day: string, text: string}>  $typed */
    private function save(TrialRequest $request, System $system, Trial $trial, array $typed): RedirectResponse
    {
        $sheet = new TrialSheet($trial, now()->toDateTimeImmutable());
        $cells = TrialRequest::orSay(static fn (): array => $sheet->take($typed));
        $sheet->save($cells, $this->keeper($request));

        return redirect()->route('trials.show', [$system, $trial])->with('flash', [
            'message' => 'Saved: '.self::counted(count($cells)).'.',
        ]);
    }

    public static function counted(int $readings): string
    {
        return $readings === 1 ? '1 reading' : number_format($readings).' readings';
    }

    /** The trial as a file that another household can open: its plan, and all of it once it is over. */
    public function json(System $system, int $trial): JsonResponse
    {
        $found = TrialController::find($system, $trial);

        return response()->json(
            $found->isInUnits() ? self::fileOf($found)->toArray() : $found->tankPlan()->toArray(),
            200,
            ['Content-Disposition' => 'attachment; filename="ithys-trial.json"'],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private static function fileOf(Trial $trial): TrialFile
    {
        return new TrialFile($trial->planned(), $trial->started === null || $trial->ended === null ? null : [
            'started' => $trial->started,
            'ended' => $trial->ended,
            'seed' => $trial->seed,
            'cells' => $trial->cellRows(),
            'amendments' => $trial->amendments,
            'lessons' => $trial->lessons,
        ]);
    }

    public function csv(System $system, int $trial): StreamedResponse
    {
        $found = $this->find($system, $trial);
        $now = now()->toDateTimeImmutable();
        $plan = $found->planned();
        $isHidden = TrialView::isHidden($found, $found->judged($now), $now);
        $placed = $found->placed();

        return response()->streamDownload(static function () use ($found, $plan, $placed, $isHidden): void {
            $to = fopen('php://output', 'wb') ?: throw new RuntimeException('No output.');
            CsvFile::line($to, ['unit', 'arm', 'day', 'parameter', 'reading']);
            foreach ($found->cellRows() as $cell) {
                CsvFile::line($to, [
                    $cell['unit'],
                    $isHidden ? '' : FormulaGuard::on($plan->arms[$placed[$cell['unit']]]),
                    (string) $cell['day'],
                    $cell['parameter'],
                    FormulaGuard::on($cell['cell']),
                ]);
            }
            fclose($to);
        }, 'ithys-trial.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** What it shows as one drawing. */
    public function svg(Request $request, System $system, int $trial): Response
    {
        $found = $this->find($system, $trial);

        $now = now()->toDateTimeImmutable();
        $judged = $found->judged($now);
        $placed = $found->placed();
        $report = new TrialSvg(
            $found->planned(),
            TrialView::isHidden($found, $judged, $now) ? null : $placed,
            $found->sheet(),
            $judged,
            $this->keeper($request)->words(),
        );

        return response(
            $report->write(array_keys($placed)),
            200,
            [
                'Content-Type' => 'image/svg+xml',
                'Content-Disposition' => 'attachment; filename="ithys-trial.svg"',
            ],
        );
    }

    private function find(System $system, int $trial): Trial
    {
        $found = TrialController::find($system, $trial);

        return $found->isInUnits() ? $found : abort(404);
    }
}
