<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\SystemFrame;
use App\Models\JournalEntry;
use App\Models\PathDraft;
use App\Models\PathRevision;
use App\Models\Photo;
use App\Models\SumpRevision;
use App\Models\System;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Deleted journal entries and photos, drafts and paths taken back, and the way back for each. */
final class BinController extends Controller
{
    private const SHOWN = 200;

    public function show(Request $request, System $system): Response
    {
        $words = $this->keeper($request)->words();
        $binned = $this->binned($system);

        return Inertia::render('Journal/Bin', [
            'frame' => SystemFrame::of($system, $this->keeper($request)->words()),
            'others' => [
                ...$system->drafts()->onlyTrashed()->orderByDesc('deleted_at')->get()->map(
                    static fn (PathDraft $draft): array => [
                        'text' => "Draft: {$draft->name}",
                        't' => $draft->updated_at->getTimestamp(),
                        'restore' => route('drafts.restore', [$system, $draft->id]),
                    ],
                ),
                ...$system->pathRevisions()->onlyTrashed()->get()->map(
                    static fn (PathRevision $revision): array => [
                        'text' => "In force: {$revision->document['name']}",
                        't' => $revision->in_force_from->getTimestamp(),
                        'restore' => route('path-revisions.restore', [$system, $revision->id]),
                    ],
                ),
                ...$system->sumpRevisions()->onlyTrashed()->get()->map(
                    static fn (SumpRevision $revision): array => [
                        'text' => 'In force: the sump',
                        't' => $revision->in_force_from->getTimestamp(),
                        'restore' => route('sump-revisions.restore', [$system, $revision->id]),
                    ],
                ),
                ...$system->photos()->onlyTrashed()->get(Photo::LISTED)->map(
                    static fn (Photo $photo): array => [
                        'text' => "Photo: {$photo->caption}",
                        't' => $photo->created_at->getTimestamp(),
                        'restore' => route('photos.restore', [$system, $photo->id]),
                    ],
                ),
            ],
            'total' => $binned->count(),
            'entries' => $binned
                ->orderByDesc('deleted_at')
                ->orderByDesc('id')
                ->limit(self::SHOWN)
                ->get()
                ->map(
                    fn (JournalEntry $line): array => [
                        'id' => $line->id,
                        't' => $line->occurred_at->getTimestamp(),
                        'deleted' => $line->deleted_at?->getTimestamp(),
                        'text' => $words->say($line->toEntry()->payload->summary()),
                    ],
                )
                ->all(),
        ]);
    }

    public function restore(System $system, int $entry): RedirectResponse
    {
        return $this->bringBack($this->binned($system)->whereKey($entry));
    }

    public function restoreBatch(System $system, string $batch): RedirectResponse
    {
        return $this->bringBack($this->binned($system)->where('batch', $batch));
    }

    /** @return Builder<JournalEntry> */
    private function binned(System $system): Builder
    {
        return JournalEntry::onlyTrashed()->where('system_id', $system->id);
    }

    /** @param  Builder<JournalEntry>  $lines */
    private function bringBack(Builder $lines): RedirectResponse
    {
        try {
            $count = $lines->update(['deleted_at' => null]);
        } catch (UniqueConstraintViolationException) {
            return back()->with('flash', [
                'message' => 'Not restored: the same reading has been logged again since.',
                'fault' => true,
            ]);
        }
        abort_if($count === 0, 404);

        return back()->with('flash', ['message' => $count === 1 ? 'Restored.' : "Restored: {$count} entries."]);
    }
}
