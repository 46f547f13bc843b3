<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Pages\BuildView;
use App\Http\Pages\SystemFrame;
use App\Http\Preview;
use App\Http\Requests\BuildRequest;
use App\Models\SumpSection;
use App\Models\System;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\SumpDesign;

/** Building the sump: a checklist that follows the saved design, with its leak tests and measurements. */
final class BuildController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $units = $this->keeper($request)->units;
        $section = $system->section;
        $record = $section?->buildRecord() ?? new BuildRecord;

        return Inertia::render('Section/Build', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'version' => $section->build_version ?? 0,
            'typed' => BuildView::typed($record, $units),
            'view' => $section === null
                    ? null
                    : (object) BuildView::of(
                        $section->design(),
                        $record,
                        $system->setupAt(now()),
                        $this->keeper($request)->words(),
                    ),
            'choices' => BuildView::choices(
                $units,
                now($this->keeper($request)->zone())->startOfDay()->toDateTimeImmutable(),
                $section?->design() ?? SumpDesign::start(),
            ),
        ]);
    }

    /** Answers a record while it is typed; nothing is saved. */
    public function preview(BuildRequest $request, System $system): JsonResponse
    {
        $section = $system->section ?? abort(404);

        [$record, $problems] = $request->partly();

        return Preview::partly(
            $record === null
                ? null
                : BuildView::of(
                    $section->design(),
                    $record,
                    $system->setupAt(now()),
                    $this->keeper($request)->words(),
                ),
            $problems,
        );
    }

    public function update(BuildRequest $request, System $system): RedirectResponse
    {
        $section = $system->section ?? abort(404);
        (new VersionedSave('build', 'This record', 'build_version'))->over(
            SumpSection::query()->whereKey($section->id),
            $request->integer('version'),
            ['build' => json_encode($request->record()->toArray(), JSON_THROW_ON_ERROR)],
        );

        return redirect()
            ->route('build.show', $system)
            ->with('flash', ['message' => 'The record of the build is saved.']);
    }
}
