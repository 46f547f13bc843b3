<?php

declare(strict_types=1);

namespace App\Path;

use App\Models\PathDraft;
use App\Models\PathRevision;
use App\Models\System;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Ithys\Path\Path;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\RoomDocument;

/** The paths of a system: drafts, and those in force since a day, each reached by a mark such as "d3" or "r2". */
final readonly class PathShelf
{
    public function __construct(private System $system)
    {
    }

    /** The draft that was touched last, or null when there is none. */
    public function latestDraft(): ?PathDraft
    {
        return $this->system->drafts()->orderByDesc('updated_at')->orderByDesc('id')->first();
    }

    /** @throws ModelNotFoundException when there is no such path in this system */
    public function path(string $mark): Path
    {
        return preg_match('~^([dr])(\d{1,18})$~D', $mark, $match) !== 1
            ? throw (new ModelNotFoundException())->setModel(PathDraft::class)
            : ($match[1] === 'd'
                ? $this->system->drafts()->findOrFail((int) $match[2])->path()
                : $this->system->pathRevisions()->findOrFail((int) $match[2])->path());
    }

    public function room(): Room
    {
        return RoomDocument::stored(
            $this->system->room ?? [],
            $this->system->revisionAt(now())->tank()->assuming($this->system->assumptions()),
        );
    }

    /** @return list<array<string, mixed>> */
    public function draftsView(): array
    {
        return array_values(
            $this->system
                ->drafts()
                ->orderBy('name')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (PathDraft $draft): array => [
                        'id' => $draft->id,
                        'mark' => "d{$draft->id}",
                        'name' => $draft->name,
                    ],
                )
                ->all(),
        );
    }

    /** The mark of the path in force; null while none is. */
    public function markInForce(): ?string
    {
        $inForce = $this->system->pathRevisionAt(now());

        return $inForce === null ? null : "r{$inForce->id}";
    }

    /** The mark of the latest draft that is another path than the one of a mark; null where there is none. */
    public function markBeside(string $mark): ?string
    {
        $one = $mark === '' ? null : $this->path($mark)->toArray();
        $other = $this->system
            ->drafts()
            ->latest('updated_at')
            ->latest('id')
            ->get()
            ->first(static fn (PathDraft $draft): bool => $draft->path()->toArray() !== $one);

        return $other === null ? null : "d{$other->id}";
    }

    /** @return list<array<string, mixed>> the latest first */
    public function revisionsView(): array
    {
        $inForce = $this->system->pathRevisionAt(now());

        return array_values(
            $this->system->pathRevisions
                ->reverse()
                ->map(
                    static fn (PathRevision $revision): array => [
                        'id' => $revision->id,
                        'mark' => "r{$revision->id}",
                        'name' => $revision->document['name'] ?? '',
                        'since' => $revision->in_force_from->getTimestamp(),
                        'inForce' => $revision->is($inForce),
                    ],
                )
                ->all(),
        );
    }
}
