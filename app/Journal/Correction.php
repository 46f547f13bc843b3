<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEntry;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Entry;
use Ithys\Journal\Kinds;

/** The corrections of one entry: each keeps what stood there before. */
final readonly class Correction
{
    public function __construct(private JournalEntry $line)
    {
    }

    /** How often it was corrected; a page that knows an older number shows what is no longer there. */
    public function version(): int
    {
        return DB::table('entry_revisions')->where('entry_id', $this->line->id)->count();
    }

    /** @return list<array{int, Entry, ?string}> when it was replaced, what stood there, and by whom, newest first */
    public function history(): array
    {
        return array_values(DB::table('entry_revisions')
            ->leftJoin('users', 'users.id', '=', 'entry_revisions.user_id')
            ->where('entry_id', $this->line->id)
            ->orderByDesc('entry_revisions.id')
            ->get(['entry_revisions.*', 'users.name'])
            ->map(static function (object $old): array {
                /** @var object{kind: string, occurred_at: string, payload: string, note: ?string, replaced_at: string,
                 *   name: ?string} $old */
                /** @var array<string, mixed> $payload */
                $payload = json_decode($old->payload, true, 4, JSON_THROW_ON_ERROR);

                return [
                    Journal::moment($old->replaced_at)->getTimestamp(),
                    new Entry(
                        Journal::moment($old->occurred_at),
                        Kinds::payload($old->kind, $payload),
                        note: $old->note,
                    ),
                    $old->name,
                ];
            })
            ->all());
    }

    /**
     * Puts another entry in its place; false where it was corrected since that version.
     *
     * @throws AlreadyInJournal when the same reading stands in the journal beside it
     */
    public function to(Entry $entry, int $version, User $by): bool
    {
        try {
            return DB::transaction(function () use ($entry, $version, $by): bool {
                $old = DB::table('entries')->where('id', $this->line->id)->first();
                if ($old === null || $this->version() !== $version) {
                    return false;
                }
                DB::table('entry_revisions')->insert([
                    'entry_id' => $this->line->id,
                    'user_id' => $by->id,
                    'kind' => $old->kind,
                    'occurred_at' => $old->occurred_at,
                    'payload' => $old->payload,
                    'note' => $old->note,
                    'replaced_at' => Journal::stamp(now()),
                ]);
                $row = EntryRow::of($entry, $this->line->system_id, $by->id, $this->line->batch, Journal::stamp(now()));
                DB::table('entries')->where('id', $this->line->id)->update(
                    array_diff_key($row, array_flip(['system_id', 'user_id', 'batch', 'created_at'])),
                );

                return true;
            });
        } catch (UniqueConstraintViolationException) {
            throw AlreadyInJournal::entry($entry, $by->words());
        }
    }
}
