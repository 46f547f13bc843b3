<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\SectionForm;
use App\Http\Pages\SectionView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\SectionRequest;
use App\Models\SumpSection;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutSvg;
use Ithys\Quantity\Dimension;
use Ithys\Sump\CommonSize;
use Ithys\Sump\CutSheet;
use Ithys\Sump\InvalidSection;
use Ithys\Sump\SumpDesign;

/** The sump to scale: its baffles, its water lines in three states, and the return loop that drives them. */
final class SectionController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $units = $this->keeper($request)->units;
        $design = $system->section?->design() ?? SumpDesign::start();

        return Inertia::render('Section/Show', [
            'frame' => SystemFrame::of($system),
            'saved' => $system->section !== null,
            'version' => $system->section->version ?? 0,
            'typed' => SectionForm::of($design, $units),
            'view' => (object) SectionView::of($design, $system->tankAt(now()), $units),
            'choices' => SectionView::choices($units),
            'sizes' => CommonSize::all(),
        ]);
    }

    /** Answers a sump while it is designed; nothing is saved. What cannot be read yet is an answer too. */
    public function preview(SectionRequest $request, System $system): JsonResponse
    {
        try {
            return response()->json(['view' => SectionView::of($request->typed(), $system->tankAt(now()), $this->keeper($request)->units), 'problems' => (object) []]);
        } catch (InvalidSection $invalid) {
            return response()->json(['view' => null, 'problems' => $invalid->problems]);
        }
    }

    public function update(SectionRequest $request, System $system): RedirectResponse
    {
        $design = $request->design();
        $version = $request->integer('version');
        // Only the version that was opened may be saved over; the first save makes it.
        $saved = $version === 0
            ? SumpSection::query()->insertOrIgnore(['system_id' => $system->id, 'document' => json_encode($design->toArray(), JSON_THROW_ON_ERROR), 'version' => 1, 'created_at' => now(), 'updated_at' => now()])
            : SumpSection::query()->where('system_id', $system->id)->where('version', $version)->update(['document' => json_encode($design->toArray(), JSON_THROW_ON_ERROR), 'version' => $version + 1]);
        if ($saved === 0) {
            throw ValidationException::withMessages(['section' => 'This sump was saved in another window meanwhile. Reload to see that one; your changes here are not saved.']);
        }

        return redirect()->route('section.show', $system)->with('flash', ['message' => 'The sump is saved.']);
    }

    /** The cut sheet of the saved sump, for a workshop. */
    public function cuts(Request $request, System $system, string $format): HttpResponse
    {
        $design = $system->section?->design() ?? abort(404);
        $sheet = CutSheet::of($design->section($system->tankAt(now())));
        $units = $this->keeper($request)->units;
        [$content, $type] = $format === 'dxf' ? [CutDxf::write($sheet, $units), 'image/vnd.dxf'] : [CutSvg::write($sheet, $units), 'image/svg+xml'];
        $name = Str::slug($system->name) ?: 'sump';

        return response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}-cuts.{$format}\""]);
    }

    /** Takes the running water of the sump into the tank's description, so that doses meet it. */
    public function useVolume(Request $request, System $system): RedirectResponse
    {
        $tank = $system->tankAt(now());
        $units = $this->keeper($request)->units;
        $litres = ($system->section?->design() ?? abort(404))->review($tank, $units)->running->litres;
        $revision = $system->revisionAt(now());
        $revision->update(['document' => [...$revision->document, 'sumpLitres' => round($litres, 2)]]);

        return redirect()->route('section.show', $system)->with('flash', ['message' => "The working volume now counts {$units->format($litres, Dimension::Volume)} in the sump."]);
    }
}
