<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\VersionedSave;
use App\Http\Pages\StylesView;
use App\Http\Pages\SystemFrame;
use App\Http\Preview;
use App\Http\Requests\RoomRequest;
use App\Models\System;
use App\Path\PathShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The ways to filter side by side, for this tank and its room. */
final class StyleController extends Controller
{
    public function show(Request $request, System $system): Response
    {
        $units = $this->keeper($request)->units;
        $room = (new PathShelf($system))->room();

        return Inertia::render('Path/Styles', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'version' => $system->room_version,
            'typed' => StylesView::form($room, $units),
            'skills' => StylesView::skills(),
            'styles' => StylesView::styles(),
            'view' => StylesView::rows($room, $this->keeper($request)->words()),
        ]);
    }

    public function update(RoomRequest $request, System $system): RedirectResponse
    {
        (new VersionedSave('room', 'This room', 'room_version'))->over(
            System::query()->whereKey($system->id),
            $request->integer('version'),
            ['room' => json_encode($request->room($system)->toArray(), JSON_THROW_ON_ERROR)],
        );

        return redirect()
            ->route('styles.show', $system)
            ->with('flash', ['message' => 'The room is saved.']);
    }

    /** Answers a room while it is typed; nothing is saved. */
    public function preview(RoomRequest $request, System $system): JsonResponse
    {
        return Preview::of(fn (): array => StylesView::rows($request->room($system), $this->keeper($request)->words()));
    }
}
