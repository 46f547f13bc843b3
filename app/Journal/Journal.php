<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Ithys\History\Standing;
use Ithys\Journal\Entry;
use Ithys\Journal\Kinds;
use Ithys\Journal\KitChange\KitChangeKind;
use Ithys\Journal\KitChange\Kits;
use Ithys\Journal\Reading\HalfDays;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\Renewal\Renewal;
use Ithys\Journal\Renewal\RenewalKind;
use Ithys\Journal\StoredPayload;

/** The journal of one system: reads rows into core entries without a model each, and records new ones. */
final readonly class Journal
{
    /** Entries that what is usual for a tank is looked for in. */
    private const RECENT = 200;

    public function __construct(private System $system)
    {
    }

    /**
     * Entries in order of time, then of saving.
     *
     * @param  list<string>  $without  kinds that are left out
     * @return list<Entry>
     */
    public function between(DateTimeImmutable $from, DateTimeImmutable $to, array $without = []): array
    {
        return Kits::told(array_map(self::toEntry(...), $this->within($from, $to)
            ->whereNotIn('kind', $without)
            ->orderBy('occurred_at')->orderBy('id')
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()));
    }

    /**
     * Entries as they are computed with: readings of half a day as one, read row by row, since a probe may have made
     * a hundred thousand of them.
     *
     * @param  list<string>  $without  kinds that are left out
     * @return list<Entry> in order of time
     */
    public function pooled(DateTimeImmutable $from, DateTimeImmutable $to, array $without = []): array
    {
        $rows = $this->within($from, $to)
            ->whereNotIn('kind', $without)
            ->orderBy('occurred_at')->orderBy('id')
            ->select(['id', 'kind', 'occurred_at', 'payload', 'note'])
            ->cursor();

        return Kits::told(HalfDays::pooled($rows->map(self::toEntry(...))));
    }

    /**
     * Everything of some kinds up to a moment.
     *
     * @param  list<string>  $kinds
     * @return list<Entry> in order of time
     */
    public function ofKinds(array $kinds, DateTimeImmutable $to, ?DateTimeImmutable $from = null): array
    {
        return array_values(array_map(self::toEntry(...), $this->rows()
            ->whereIn('kind', $kinds)
            ->where('occurred_at', '<=', self::stamp($to))
            ->when($from !== null, static fn ($rows) => $rows->where('occurred_at', '>=', self::stamp($from ?? $to)))
            ->orderBy('occurred_at')->orderBy('id')
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()));
    }

    /** @return list<Entry> what stood just before a moment, in order of time, however long ago it was set */
    public function standing(DateTimeImmutable $before): array
    {
        return Standing::after($this->ofKinds(Standing::kinds(), $before->modify('-1 second')));
    }

    /** @return list<Entry> entries within so many days of a moment, as {@see self::pooled()} has them */
    public function around(DateTimeImmutable $moment, int $days): array
    {
        return $this->pooled($moment->modify("-{$days} days"), $moment->modify("+{$days} days"));
    }

    /**
     * Saves entries that belong together, all or none.
     *
     * @param  list<Entry>  $entries
     * @return string the batch, by which they can be undone
     *
     * @throws AlreadyInJournal when one of the readings is there already
     */
    public function record(array $entries, User $by): string
    {
        $batch = (string) Str::ulid();

        return DB::transaction(function () use ($entries, $by, $batch): string {
            foreach ($entries as $entry) {
                $row = EntryRow::of($entry, $this->system->id, $by->id, $batch, self::stamp(now()));
                try {
                    DB::table('entries')->insert($row);
                } catch (UniqueConstraintViolationException) {
                    // It may be what a killed import left behind, which nobody sees.
                    if ($this->isThere($row['fingerprint']) || ! (new RunningImport($this->system))->clearLeftovers()) {
                        throw AlreadyInJournal::entry($entry, $by->words());
                    }
                    DB::table('entries')->insert($row);
                }
            }

            return $batch;
        });
    }

    private function isThere(?string $fingerprint): bool
    {
        return $this->rows()->where('fingerprint', $fingerprint)->exists();
    }

    /** @return list<Entry> what was last done or read, newest first */
    public function recent(): array
    {
        return array_values(array_map(self::toEntry(...), $this->rows()
            ->orderByDesc('occurred_at')->orderByDesc('id')
            ->limit(self::RECENT)
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()));
    }

    /** Share of the biological media renewed since a moment. */
    public function renewedSince(DateTimeImmutable $from): float
    {
        return (float) array_sum(array_map(
            static fn (Entry $entry): float => $entry->payload instanceof Renewal ? $entry->payload->share : 0.0,
            array_map(self::toEntry(...), $this->rows()->where('kind', RenewalKind::KEY)
                ->where('occurred_at', '>', self::stamp($from))
                ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()),
        ));
    }

    /** @return array<string, string> the kit that each parameter was last read with, where it was named */
    public function kits(): array
    {
        $kits = [];
        $rows = $this->rows()->whereIn('kind', [ReadingKind::KEY, KitChangeKind::KEY])
            ->orderByDesc('occurred_at')->orderByDesc('id')
            ->limit(self::RECENT)
            ->pluck('payload');
        foreach ($rows as $payload) {
            $fields = StoredPayload::fields((array) json_decode((string) $payload, true));
            $kits += [$fields->text('parameter') => $fields->optionalText('method') ?? ''];
        }

        return array_filter($kits);
    }

    /**
     * The marks of those entries that are in the journal already.
     *
     * @param  list<Entry>  $entries
     * @return array<string, true> by {@see Fingerprint::of()}
     */
    public function known(array $entries): array
    {
        $readings = $moments = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Reading) {
                $readings[] = Fingerprint::of($entry);
            } else {
                $moments[self::stamp($entry->at)] = true;
            }
        }
        $known = array_fill_keys($this->rows()->whereIn('fingerprint', $readings)->pluck('fingerprint')->all(), true);
        // Only readings carry their mark: two feedings in one minute may both be meant.
        $there = $moments === [] ? [] : $this->rows()
            ->whereIn('occurred_at', array_keys($moments))
            ->where('kind', '!=', (new ReadingKind)->key())
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note']);
        foreach ($there as $row) {
            $known[Fingerprint::of(self::toEntry($row))] = true;
        }

        return $known;
    }

    /** A moment as the table holds it: UTC to the second. */
    public static function stamp(DateTimeInterface $moment): string
    {
        return DateTimeImmutable::createFromInterface($moment)
            ->setTimezone(new DateTimeZone('UTC'))
            ->format('Y-m-d H:i:s');
    }

    public function rows(): Builder
    {
        return DB::table('entries')
            ->where('system_id', $this->system->id)
            ->whereNull('deleted_at')
            ->tap(RunningImport::leaveOut(...));
    }

    public function within(DateTimeImmutable $from, DateTimeImmutable $to): Builder
    {
        return $this->rows()->whereBetween('occurred_at', [self::stamp($from), self::stamp($to)]);
    }

    /** A moment read back from the table. A zone object costs a tenth of a "Z" to be parsed, and journals are long. */
    public static function moment(string $stamp): DateTimeImmutable
    {
        static $utc = null;
        $utc ??= new DateTimeZone('UTC');

        return new DateTimeImmutable($stamp, $utc);
    }

    public static function toEntry(object $row): Entry
    {
        /** @var object{id: int, kind: string, occurred_at: string, payload: string, note: ?string} $row */
        /** @var array<string, mixed> $payload */
        $payload = json_decode($row->payload, true, 4, JSON_THROW_ON_ERROR);

        return new Entry(
            self::moment($row->occurred_at),
            Kinds::payload($row->kind, $payload),
            $row->id,
            $row->note,
        );
    }
}
