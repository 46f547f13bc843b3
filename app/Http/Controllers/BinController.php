<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\SystemFrame;
use App\Models\Course;
use App\Models\JournalEntry;
use App\Models\PathDraft;
use App\Models\PathRevision;
use App\Models\Photo;
use App\Models\SumpRevision;
use App\Models\Supply;
use App\Models\System;
use App\Models\Trial;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What was deleted of a tank, from journal entries to trials, and the way back for each. */
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
                ...Trial::onlyTrashed()->where('system_id', $system->id)->orderByDesc('deleted_at')->get()->map(
                    static fn (Trial $trial): array => [
                        'text' => "Trial: {$trial->question()}",
                        't' => self::deleted($trial->deleted_at),
                        'restore' => route('trials.restore', [$system, $trial->id]),
                    ],
                ),
                ...$system->courses()->onlyTrashed()->orderByDesc('deleted_at')->get()->map(
                    static fn (Course $course): array => [
                        'text' => "Forecast: {$course->name}",
                        't' => self::deleted($course->deleted_at),
                        'restore' => route('courses.restore', [$system, $course->id]),
                    ],
                ),
                ...Supply::onlyTrashed()->orderByDesc('deleted_at')
                    ->whereHas('systems', static fn (Builder $of) => $of->whereKey($system->id))->get()->map(
                        static fn (Supply $supply): array => [
                            'text' => "Stock: {$supply->name}",
                            't' => self::deleted($supply->deleted_at),
                            'restore' => route('stock.restore', [$system, $supply->id]),
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

    private static function deleted(?DateTimeInterface $at): int
    {
        return $at === null ? 0 : $at->getTimestamp();
    }
}
