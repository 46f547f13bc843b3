<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Pages\SectionForm;
use App\Http\Pages\SectionView;
use App\Http\Pages\SystemFrame;
use App\Http\Preview;
use App\Http\Requests\PastDay;
use App\Http\Requests\SectionFileRequest;
use App\Http\Requests\SectionRequest;
use App\Models\PathDraft;
use App\Models\SumpRevision;
use App\Models\SumpSection;
use App\Models\System;
use App\Path\PathShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutSvg;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Sump\CommonSize;
use Ithys\Sump\Cutting\StockPlan;
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
        [$design, $problems] = $request->partly();

        return Preview::partly(
            $design === null ? null : $this->view($request, $system, $design, $request->boolean('cuts')),
            $problems,
        );
    }

    public function update(SectionRequest $request, System $system): RedirectResponse
    {
        $design = $request->design();
        $version = $request->integer('version');
        $save = new VersionedSave('section', 'This sump');
        $values = ['document' => json_encode($design->toArray(), JSON_THROW_ON_ERROR)];
        if ($version > 0) {
            $save->over(SumpSection::query()->where('system_id', $system->id), $version, $values);
        } elseif (
            SumpSection::query()->insertOrIgnore([
                ...$values,
                'system_id' => $system->id,
                'version' => 1,
                'created_at' => now(),
                'updated_at' => now(),
            ]) === 0
        ) {
            throw $save->conflict();
        }

        return redirect()
            ->back(fallback: route('section.show', $system))
            ->with('flash', ['message' => 'The sump is saved.']);
    }

    /** The cut sheet of the saved sump, for a workshop. */
    public function cuts(Request $request, System $system, string $format): HttpResponse
    {
        $design = $system->section?->design() ?? abort(404);
        $sheet = $design->cutSheet($design->section($system->setupAt(now())->asSaid()));
        $plan = StockPlan::of($sheet, $design->workshop, $system->assumptions());
        $words = $this->keeper($request)->words();
        [$content, $type]
            = $format === 'dxf'
                ? [CutDxf::write($sheet, $plan, $words), 'image/vnd.dxf']
                : [CutSvg::write($sheet, $plan, $words), 'image/svg+xml'];

        return $this->download($system, "cuts.{$format}", $content, $type);
    }

    /** The saved sump as a file of its own. */
    public function json(System $system): HttpResponse
    {
        $design = $system->section?->design() ?? abort(404);

        return $this->download(
            $system,
            'sump.json',
            json_encode($design->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n",
            'application/json',
        );
    }

    /** Reads such a file into the form; nothing is saved until its keeper saves it. */
    public function open(SectionFileRequest $request, System $system): JsonResponse
    {
        return response()->json(['typed' => SectionForm::of($request->design(), $this->keeper($request)->units)]);
    }

    /** Puts the saved sump in force from a day; it may be worked on further without changing what is in force. */
    public function force(Request $request, System $system): RedirectResponse
    {
        $typed = $request->validate(
            ['since' => ['required', 'string'], 'draft' => ['nullable', 'integer']],
            ['since.required' => 'Enter the day from which the water runs through this sump.'],
        );
        $since = PastDay::read($typed['since'], $this->keeper($request), 'since');
        $draft = isset($typed['draft']) ? $system->drafts()->findOrFail((int) $typed['draft']) : null;
        $revision = DB::transaction(function () use ($request, $system, $since, $draft): SumpRevision {
            $draft?->putInForce($since, $this->keeper($request));
            $section = $system->section ?? abort(404);
            // Pressed twice, it is still put in force once.
            $there = $system->sumpRevisions()->where('in_force_from', $since)->reorder()->latest('id')->first();

            return $there?->document === $section->document
                ? $there
                : $system
                    ->sumpRevisions()
                    ->create([
                        'in_force_from' => $since,
                        'user_id' => $this->keeper($request)->id,
                        'document' => $section->document,
                    ]);
        });

        return redirect()
            ->route('section.show', $system)
            ->with('flash', [
                'message' => $draft === null
                    ? 'The sump is in force from that day. Its water and its flow count now.'
                    : "The sump and the path “{$draft->name}” are in force from that day.",
                'undo' => route('sump-revisions.take-back', [$system, $revision->id]),
            ]);
    }

    private function page(string $component, Request $request, System $system): Response
    {
        $units = $this->keeper($request)->units;
        $starts = [Style::Sump->value => SumpDesign::start(), Style::RearChamber->value => SumpDesign::startBehind()];
        $style = $system->setupAt(now())->path->style ?? Style::Sump;
        $design = $system->section?->design() ?? $starts[$style->value] ?? $starts[Style::Sump->value];

        return Inertia::render($component, [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'saved' => $system->section !== null,
            'version' => $system->section->version ?? 0,
            'typed' => SectionForm::of($design, $units, $system->section === null),
            'view' => (object) $this->view($request, $system, $design, $component === 'Section/Sheet'),
            'starts' => array_map(
                static fn (SumpDesign $start): array => SectionForm::of($start, $units, true),
                $starts,
            ),
            'choices' => SectionView::choices($units, $system->assumptions()),
            'sizes' => array_map(
                static fn (array $size): array => [
                    'label' => $size['label'],
                    ...SectionForm::texts(array_diff_key($size, ['label' => 0]), $units, true),
                ],
                CommonSize::all(),
            ),
            'revisions' => self::revisions($system),
            'drafts' => (new PathShelf($system))->draftsView(),
        ]);
    }

    /** @return array<string, mixed> */
    private function view(Request $request, System $system, SumpDesign $design, bool $withCuts): array
    {
        return SectionView::of(
            $design,
            $system->setupAt(now()),
            $this->keeper($request)->words(),
            (new PathShelf($system))->room()->pricePerKilowattHour,
            $withCuts,
            // Parts of a path that is still a plan may be placed in a sump that is one.
            array_values($system->drafts()->get()->map(static fn (PathDraft $draft): Path => $draft->path())->all()),
        );
    }

    private function download(System $system, string $name, string $content, string $type): HttpResponse
    {
        $stem = Str::slug($system->name) ?: 'sump';

        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$stem}-{$name}\"",
        ]);
    }

    /** @return list<array<string, mixed>> the sumps that have been in force, the latest first */
    private static function revisions(System $system): array
    {
        $inForce = $system->sumpRevisionAt(now());

        return array_values(
            $system
                ->sumpRevisions()
                ->get()
                ->reverse()
                ->map(
                    static fn (SumpRevision $revision): array => [
                        'id' => $revision->id,
                        'since' => $revision->in_force_from->getTimestamp(),
                        'inForce' => $revision->is($inForce),
                        'same' => $revision->document == $system->section?->document,
                    ],
                )
                ->all(),
        );
    }
}
