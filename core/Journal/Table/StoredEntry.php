<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use DateTimeImmutable;
use DateTimeZone;
use Exception;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kinds;
use Ithys\Journal\LocalMoment;
use Ithys\Journal\StoredPayload;
use JsonException;

/** An entry in one cell, whole: JSON of its moment in UTC, its kind and what it holds. */
final class StoredEntry
{
    private const MOMENT = 'Y-m-d\TH:i:s\Z';

    public static function of(Entry $entry): string
    {
        return json_encode([
            'at' => $entry->at->setTimezone(new DateTimeZone('UTC'))->format(self::MOMENT),
            'kind' => $entry->kind()->key(),
            'payload' => StoredPayload::of($entry->payload),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @throws InvalidEntry when the cell holds no such entry, or one of a newer Ithys */
    public static function read(string $cell, DateTimeImmutable $now): Entry
    {
        try {
            $data = json_decode($cell, true, 4, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $data = null;
        }
        $kind = is_array($data) ? $data['kind'] ?? null : null;
        $payload = is_array($data) ? $data['payload'] ?? null : null;
        $stamp = is_array($data) ? $data['at'] ?? null : null;
        if (! is_string($kind) || ! is_array($payload) || ! is_string($stamp)) {
            throw InvalidEntry::unknown('stored entry', mb_strimwidth($cell, 0, 40, '…'));
        }
        try {
            $at = new DateTimeImmutable($stamp, new DateTimeZone('UTC'));
        } catch (Exception) {
            throw InvalidEntry::unreadableDate(mb_strimwidth($stamp, 0, 40, '…'), '2026-03-04T19:15:00Z');
        }
        if ($at->format(self::MOMENT) !== $stamp || (int) $at->format('Y') < LocalMoment::EARLIEST_YEAR) {
            throw InvalidEntry::unreadableDate(mb_strimwidth($stamp, 0, 40, '…'), '2026-03-04T19:15:00Z');
        }

        /** @var array<string, mixed> $payload */
        return $at <= $now
            ? new Entry($at, Kinds::payload($kind, $payload))
            : throw InvalidEntry::inTheFuture($stamp);
    }
}
