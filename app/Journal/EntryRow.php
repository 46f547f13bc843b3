<?php

declare(strict_types=1);

namespace App\Journal;

use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\StoredPayload;

/** An entry as a row of the table; everything that writes entries writes this. */
final class EntryRow
{
    /**
     * @param  string  $saved  the moment of saving, as {@see Journal::stamp()} writes it
     * @return array{system_id: int, user_id: ?int, batch: string, kind: string, occurred_at: string, payload: string,
     *   note: ?string, fingerprint: ?string, created_at: string, updated_at: string}
     */
    public static function of(Entry $entry, int $system, ?int $user, string $batch, string $saved): array
    {
        return [
            'system_id' => $system,
            'user_id' => $user,
            'batch' => $batch,
            'kind' => $entry->kind()->key(),
            'occurred_at' => Journal::stamp($entry->at),
            'payload' => json_encode(StoredPayload::of($entry->payload), JSON_THROW_ON_ERROR),
            'note' => $entry->note,
            'fingerprint' => $entry->payload instanceof Reading ? Fingerprint::of($entry) : null,
            'created_at' => $saved,
            'updated_at' => $saved,
        ];
    }
}
