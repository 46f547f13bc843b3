<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\KitChange\KitChange;
use Ithys\Journal\KitChange\KitChangeKind;
use Ithys\Journal\KitChange\Kits;
use Ithys\Journal\LeverRate;
use Ithys\Journal\Reading\Extremes;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ReadingKind;
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
        /** Whether routine levers are shown as rates, since single marks would run together. */
        private bool $asRates,
    ) {
    }

    /** @return list<Entry> in order of time */
    public function singles(): array
    {
        return (new Journal($this->system))->between($this->from, $this->to, [
            ReadingKind::KEY,
            ...$this->asRates ? self::routines() : [],
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
        // Row by row, and in full only where it is kept: a probe makes a hundred thousand of them.
        $values = $ids = $next = $even = [];
        $apart = ($this->to->getTimestamp() - $this->from->getTimestamp()) / self::FITTED;
        $nutrients = array_map(static fn (Parameter $one): string => $one->value, Parameter::nutrients());
        $rows = $this->within()->where('kind', ReadingKind::KEY)
            ->orderBy('occurred_at')->orderBy('id')
            ->selectRaw("id, unixepoch(occurred_at) as seconds, payload ->> 'parameter' as parameter, "
                ."payload ->> 'value' as value")
            ->cursor();
        foreach ($rows as $at => $row) {
            /** @var object{id: int, seconds: int, parameter: string, value: float} $row */
            $ids[] = $row->id;
            $values[] = [$row->parameter, (float) $row->value];
            // A little early counts: weekly readings are never exactly a week apart.
            $isDue = $row->seconds >= ($next[$row->parameter] ?? 0);
            if ($isDue && in_array($row->parameter, $nutrients, true)) {
                $next[$row->parameter] = $row->seconds + 0.9 * $apart;
                $even[] = $row->id;
            }
        }
        $kept = array_map(
            static fn (int $at): int => $ids[$at],
            Extremes::of($values, max(1, intdiv(count($ids), self::RUNS))),
        );

        return [$this->entries($kept), $this->entries($even), count($ids)];
    }

    /**
     * @param  list<int>  $ids
     * @return list<Entry> in order of time
     */
    private function entries(array $ids): array
    {
        $entries = Kits::told(array_map(Journal::toEntry(...), $this->within()
            ->where(static fn (Builder $one): Builder => $one
                ->whereIntegerInRaw('id', $ids)->orWhere('kind', KitChangeKind::KEY))
            ->orderBy('occurred_at')->orderBy('id')
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])->all()));

        return array_values(array_filter(
            $entries,
            static fn (Entry $one): bool => ! $one->payload instanceof KitChange,
        ));
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
        if (! $this->asRates) {
            return [];
        }
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

    /** @return list<string> kinds whose use is shown as a rate */
    public static function routines(): array
    {
        return array_keys(array_filter(
            Kinds::all(),
            static fn (Kind $kind): bool => $kind->lever()?->usage !== null,
        ));
    }
}
