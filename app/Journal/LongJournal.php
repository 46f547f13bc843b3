<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\LeverRate;
use Ithys\Journal\Reading\Extremes;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\StoredPayload;
use Ithys\Journal\WaterChange\WaterChangeKind;

/**
 * Years of a journal as a drawing can show them, thinned: of readings the extremes of each run, of routine levers how
 * much was used in each period, and every other entry.
 */
final readonly class LongJournal
{
    /** Runs of readings that two extremes stand for; a drawing has no more room across. */
    private const RUNS = 600;

    /** Readings of a nutrient that its course is fitted to. */
    private const FITTED = 90;

    public function __construct(
        private System $system,
        private DateTimeImmutable $from,
        private DateTimeImmutable $to,
    ) {
    }

    /** @return list<Entry> in order of time */
    public function singles(): array
    {
        return (new Journal($this->system))->between($this->from, $this->to, [
            (new ReadingKind)->key(),
            ...self::routines(),
        ]);
    }

    /**
     * The readings thinned in two ways: of each parameter the least and the greatest of so many in a row, which a
     * drawing wants, and the nutrients at even distances, whose course is fitted; both in order of time. And how many
     * readings there are.
     *
     * @return array{list<Entry>, list<Entry>, int}
     */
    public function readings(): array
    {
        $rows = array_values($this->within()->where('kind', (new ReadingKind)->key())
            ->orderBy('occurred_at')->orderBy('id')
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all());
        // Read in full only where it is kept: a journal of ten years has thousands.
        $values = array_map(static function (object $row): array {
            $fields = StoredPayload::fields((array) json_decode((string) $row->payload, true));

            return [$fields->text('parameter'), $fields->figure('value')];
        }, $rows);
        $kept = Extremes::of($values, max(1, intdiv(count($rows), self::RUNS)));
        $apart = ($this->to->getTimestamp() - $this->from->getTimestamp()) / self::FITTED;
        $next = [];
        $even = [];
        $nutrients = array_map(static fn (Parameter $one): string => $one->value, Parameter::nutrients());
        foreach ($values as $at => [$parameter]) {
            // A little early counts: weekly readings are never exactly a week apart.
            $seconds = (int) strtotime((string) $rows[$at]->occurred_at.' UTC');
            if (in_array($parameter, $nutrients, true) && $seconds >= ($next[$parameter] ?? 0)) {
                $next[$parameter] = $seconds + 0.9 * $apart;
                $even[] = $at;
            }
        }
        $entry = static fn (int $at): Entry => Journal::toEntry($rows[$at]);

        return [array_map($entry, $kept), array_map($entry, $even), count($rows)];
    }

    /** @return list<Entry> every water change, in order of time */
    public function waterChanges(): array
    {
        return array_values(array_map(Journal::toEntry(...), $this->within()
            ->where('kind', (new WaterChangeKind)->key())
            ->orderBy('occurred_at')->orderBy('id')
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()));
    }

    /**
     * What was used of routine levers: equal entries of one period together, at the moment of the first of them.
     *
     * @return list<array{Entry, int}> an entry and how often it was made
     */
    public function uses(): array
    {
        $seconds = LeverRate::seconds($this->from->getTimestamp(), $this->to->getTimestamp() - 86_400);
        // A share of the water is one of the tank as it was: entries across a change of it are not put together.
        $tank = implode('', array_map(
            static fn (DateTimeImmutable $day): string => ", occurred_at >= '".Journal::stamp($day)."'",
            $this->system->changedOn(),
        ));
        $rows = $this->within()->whereIn('kind', self::routines())
            ->selectRaw(
                'min(id) as id, kind, min(occurred_at) as occurred_at, payload, null as note, count(*) as times',
            )
            ->groupByRaw("kind, payload, {$this->period($seconds)}{$tank}")
            ->orderByRaw('min(occurred_at)')
            ->get();

        return array_values($rows->map(
            static fn (object $row): array => [Journal::toEntry($row), (int) $row->times],
        )->all());
    }

    private function within(): Builder
    {
        return (new Journal($this->system))->within($this->from, $this->to);
    }

    private function period(int $seconds): string
    {
        return "(unixepoch(occurred_at) - {$this->from->getTimestamp()}) / {$seconds}";
    }

    /** @return list<string> */
    private static function routines(): array
    {
        return array_keys(array_filter(
            Kinds::all(),
            static fn (Kind $kind): bool => $kind->lever()?->routine !== null,
        ));
    }
}
