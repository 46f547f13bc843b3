<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Pages\SectionForm;
use App\Http\Pages\SectionView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\SectionFileRequest;
use App\Http\Requests\SectionRequest;
use App\Models\SumpSection;
use App\Models\System;
use App\Path\PathShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutSvg;
use Ithys\Quantity\Dimension;
use Ithys\Sump\CommonSize;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\InvalidSection;
use Ithys\Sump\SumpDesign;

/** The sump to scale: its baffles, its water lines in three states, and the return loop that drives them. */
final class SectionController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        return $this->page('Section/Show', $request, $system);
    }

    /** What is cut for the sump, on the sheets it is bought as, to print and take along. */
    public function sheet(Request $request, System $system): Response
    {
        return $this->page('Section/Sheet', $request, $system);
    }

    /** Answers a sump while it is designed; nothing is saved. What cannot be read yet is an answer too. */
    public function preview(SectionRequest $request, System $system): JsonResponse
    {
        try {
            return response()->json(['view' => $this->view($request, $system, $request->typed()), 'problems' => (object) []]);
        } catch (InvalidSection $invalid) {
            return response()->json(['view' => null, 'problems' => $invalid->problems]);
        }
    }

    public function update(SectionRequest $request, System $system): RedirectResponse
    {
        $design = $request->design();
        $version = $request->integer('version');
        $save = new VersionedSave('section', 'This sump');
        $values = ['document' => json_encode($design->toArray(), JSON_THROW_ON_ERROR)];
        if ($version > 0) {
            $save->over(SumpSection::query()->where('system_id', $system->id), $version, $values);
        } elseif (SumpSection::query()->insertOrIgnore([...$values, 'system_id' => $system->id, 'version' => 1, 'created_at' => now(), 'updated_at' => now()]) === 0) {
            throw $save->conflict();
        }

        return redirect()->back(fallback: route('section.show', $system))->with('flash', ['message' => 'The sump is saved.']);
    }

    /** The cut sheet of the saved sump, for a workshop. */
    public function cuts(Request $request, System $system, string $format): HttpResponse
    {
        $design = $system->section?->design() ?? abort(404);
        $sheet = $design->cutSheet($design->section($system->tankAt(now())));
        $plan = StockPlan::of($sheet, $design->workshop);
        $units = $this->keeper($request)->units;
        [$content, $type] = $format === 'dxf' ? [CutDxf::write($sheet, $plan, $units), 'image/vnd.dxf'] : [CutSvg::write($sheet, $plan, $units), 'image/svg+xml'];

        return $this->download($system, "cuts.{$format}", $content, $type);
    }

    /** The saved sump as a file of its own. */
    public function json(System $system): HttpResponse
    {
        $design = $system->section?->design() ?? abort(404);

        return $this->download($system, 'sump.json', json_encode($design->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n", 'application/json');
    }

    /** Reads such a file into the form; nothing is saved until its keeper saves it. */
    public function open(SectionFileRequest $request, System $system): JsonResponse
    {
        return response()->json(['typed' => SectionForm::of($request->design(), $this->keeper($request)->units)]);
    }

    /** Takes the running water of the sump into the tank's description, so that doses meet it; or, to undo that, what stood there before. */
    public function useVolume(Request $request, System $system): RedirectResponse
    {
        $request->validate(['litres' => ['nullable', 'numeric', 'between:0,10000']]);
        $units = $this->keeper($request)->units;
        $design = $system->section?->design() ?? abort(404);
        $litres = $request->filled('litres') ? $request->float('litres') : round($design->running($system->tankAt(now()))->litres, 2);
        $revision = $system->revisionAt(now());
        $before = $revision->document['sumpLitres'] ?? 0;
        $revision->update(['document' => [...$revision->document, 'sumpLitres' => $litres]]);

        return redirect()->route('section.show', $system)->with('flash', [
            'message' => "The working volume now counts {$units->format($litres, Dimension::Volume)} in the sump.",
            'undo' => route('section.use-volume', [$system, 'litres' => $before], false),
        ]);
    }

    private function page(string $component, Request $request, System $system): Response
    {
        $units = $this->keeper($request)->units;
        $design = $system->section?->design() ?? SumpDesign::start();

        return Inertia::render($component, [
            'frame' => SystemFrame::of($system),
            'saved' => $system->section !== null,
            'version' => $system->section->version ?? 0,
            'typed' => SectionForm::of($design, $units),
            'view' => (object) $this->view($request, $system, $design),
            'choices' => SectionView::choices($units),
            'sizes' => CommonSize::all(),
        ]);
    }

    /** @return array<string, mixed> */
    private function view(Request $request, System $system, SumpDesign $design): array
    {
        return SectionView::of($design, $system->tankAt(now()), $this->keeper($request)->units, $system->pathRevisionAt(now())?->path(), (new PathShelf($system))->room()->pricePerKilowattHour);
    }

    private function download(System $system, string $name, string $content, string $type): HttpResponse
    {
        $stem = Str::slug($system->name) ?: 'sump';

        return response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$stem}-{$name}\""]);
    }
}
