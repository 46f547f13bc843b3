<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\LongJournal;
use App\Journal\TankCharges;
use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use Closure;
use DateTimeImmutable;
use Ithys\Effect\NetInput;
use Ithys\Journal\Entry;
use Ithys\Journal\Kinds;
use Ithys\Journal\KitChange\KitChangeKind;
use Ithys\Journal\Lane;
use Ithys\Journal\LeverRate;
use Ithys\Journal\Mark;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\Reading\Stretch;
use Ithys\Journal\Spell\Spell;
use Ithys\Journal\WaterChange\WaterChangeKind;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Words;

/** Readings over the lanes of what was done, on one time axis. */
final readonly class TideSheet
{
    /** Days shown by each choice of range; the whole journal has none. */
    public const RANGES = ['16w' => 112, '1y' => 366, 'all' => null];

    /** A drawing of more days than this shows routine levers as rates, since single marks would run together. */
    private const SINGLE_MARKS_UP_TO_DAYS = 400;

    /** More readings than this are thinned to what a drawing can show. */
    private const READINGS = 1200;

    /** Kinds that say what was read, and with what. */
    private const READ = [ReadingKind::KEY, KitChangeKind::KEY];

    /**
     * @param  list<Entry>  $entries  of a long time those alone that are shown one by one
     * @param  ?LongJournal  $long  the rest of a long time, thinned
     */
    private function __construct(
        private System $system,
        public array $entries,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        private ?LongJournal $long,
        private string $range,
    ) {
    }

    public static function of(System $system, string $range, DateTimeImmutable $now): self
    {
        $journal = new Journal($system);
        [$from, $to] = self::span($system, $range, $now);
        $isLong = $to->getTimestamp() - $from->getTimestamp() > self::SINGLE_MARKS_UP_TO_DAYS * 86_400;
        $long = $isLong || $journal->within($from, $to)->where('kind', ReadingKind::KEY)->count() > self::READINGS
            ? new LongJournal($system, $from, $to, $isLong)
            : null;

        return new self($system, $long?->singles() ?? $journal->between($from, $to), $from, $to, $long, $range);
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} the time that a range shows */
    public static function span(System $system, string $range, DateTimeImmutable $now): array
    {
        $days = self::RANGES[$range] ?? null;
        $first = $days === null ? (new Journal($system))->rows()->min('occurred_at') : null;

        return [
            match (true) {
                $days !== null => $now->modify("-{$days} days"),
                is_string($first) => Journal::moment($first),
                default => $now,
            },
            $now->modify('+1 day'),
        ];
    }

    /** The change to open with: the last phosphate media charge shown, else the first of any medium. */
    public function openingChange(): ?Entry
    {
        $opening = null;
        foreach ($this->entries as $entry) {
            if (
                $entry->payload instanceof MediaCharge
                && ($entry->payload->medium->bindsPhosphate() || $opening === null)
            ) {
                $opening = $entry;
            }
        }

        return $opening;
    }

    /** @return array<string, mixed> times as seconds since 1970, UTC */
    public function toArray(User $keeper): array
    {
        $readings = [];
        $changes = [];
        $words = $keeper->words();
        $long = $this->long;
        /** @var array{list<Entry>, list<Entry>, ?int} $thinned */
        $thinned = $long === null
            ? [[], [], null]
            : $this->kept('readings', self::READ, static fn (): array => $long->readings());
        [$extremes, $even, $count] = $thinned;
        $asked = TankRoutines::changes($this->system, now()->toDateTimeImmutable());
        $stretches = [];
        $until = [];
        foreach (TankCharges::of($this->system, $this->to)->all as $charge) {
            $until[$charge->entry] = $charge->to?->getTimestamp();
        }
        foreach ([...(new Journal($this->system))->standing($this->from), ...$this->entries, ...$extremes] as $entry) {
            $payload = $entry->payload;
            if ($payload instanceof Reading) {
                $of = $payload->parameter->value;
                $day = $entry->daysAfter($this->from);
                $joined = ($stretches[$of] ?? null)?->with($payload, $day);
                $stretches[$of] = $joined ?? Stretch::from($payload, $day);
                $readings[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'parameter' => $of,
                    'joined' => $joined !== null,
                    'value' => $payload->value,
                    'below' => $payload->belowLimit,
                    'cloudy' => $payload->cloudy,
                    'method' => $payload->method,
                    'note' => $entry->note,
                ];
            } else {
                $mark = $this->mark($entry);
                $changes[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'until' => $until[$entry->id ?? 0]
                        ?? ($payload instanceof Spell ? $payload->until($entry->at)->getTimestamp() : null),
                    'lane' => $payload->lane(),
                    'judged' => $asked->has($entry),
                    'text' => $words->say($asked->says($entry)),
                    'amount' => $mark->amount,
                    'label' => $words->say($mark->label),
                ];
            }
        }

        return [
            'from' => $this->from->getTimestamp(),
            'to' => $this->to->getTimestamp(),
            'readings' => $readings,
            'readingCount' => $count ?? count($readings),
            'changes' => $changes,
            'rates' => (object) $this->rates($words),
            'net' => $this->kept('net', [...self::READ, WaterChangeKind::KEY], fn (): array => $this->net($even)),
            'lanes' => array_map(static fn (Lane $lane): array => self::lane($lane, $words), Kinds::lanes()),
        ];
    }

    /**
     * @param  list<Entry>  $even  of a long time the readings that are fitted
     * @return list<array<string, mixed>> what the water gains but for water changes, mg a day with its band, by
     *   parameter
     */
    private function net(array $even): array
    {
        $net = [];
        $entries = $this->entries;
        if ($this->long !== null) {
            $entries = [...$this->long->waterChanges(), ...$even];
            usort($entries, static fn (Entry $one, Entry $other): int => $one->at <=> $other->at);
        }
        foreach (Parameter::nutrients() as $parameter) {
            $stretches = NetInput::through(
                $entries,
                $parameter,
                $this->system->workingLitresAt($this->to),
                $this->system->assumptions(),
            );
            if ($stretches !== []) {
                $net[] = [
                    'parameter' => $parameter->value,
                    'stretches' => array_map(static fn (array $stretch): array => array_map(
                        static fn (NetInput $one): array => [
                            $one->at->getTimestamp(),
                            round($one->estimate, 3),
                            round($one->low, 3),
                            round($one->high, 3),
                        ],
                        $stretch,
                    ), $stretches),
                ];
            }
        }

        return $net;
    }

    /** @return array<string, list<array<string, mixed>>> how strongly routine levers were used, by lane */
    private function rates(Words $words): array
    {
        $uses = [];
        $routines = [];
        $long = $this->long;
        /** @var list<array{Entry, int}> $each */
        $each = $long === null
            ? []
            : $this->kept('uses', LongJournal::routines(), static fn (): array => $long->uses());
        foreach ($each as [$entry, $times]) {
            $lane = $entry->payload->lane();
            $uses[$lane][] = [$entry->at->getTimestamp(), $times * $this->mark($entry)->use];
            $routines[$lane] = $entry->payload->kind()->lever()?->usage;
        }
        $rates = [];
        foreach (array_filter($routines) as $lane => $routine) {
            $rates[$lane] = array_map(
                static fn (LeverRate $rate): array => [
                    't' => $rate->from,
                    'seconds' => $rate->seconds,
                    'perDay' => $rate->perDay,
                    'text' => $words->say($rate->words($routine)),
                ],
                LeverRate::over($this->from->getTimestamp(), $this->to->getTimestamp() - 86_400, $uses[$lane]),
            );
        }

        return $rates;
    }

    /**
     * A part that rests on some kinds of entries alone.
     *
     * @template T
     *
     * @param  list<string>  $kinds
     * @param  Closure(): T  $make
     * @return T
     */
    private function kept(string $what, array $kinds, Closure $make): mixed
    {
        $kept = Kept::of(
            $this->system,
            "sheet {$what} {$this->range}",
            $this->to->modify('-1 day'),
            static fn (): array => [serialize($make())],
            $kinds,
            // Of the whole journal the time begins with its first entry.
            " {$this->from->getTimestamp()}",
        );

        /** @var T */
        return unserialize($kept[0]);
    }

    private function mark(Entry $entry): Mark
    {
        return $entry->payload->mark($this->system->workingLitresAt($entry->at));
    }

    /** @return array<string, mixed> */
    private static function lane(Lane $lane, Words $words): array
    {
        $unit = static fn (Dimension|string $unit, string $by): string => $unit instanceof Dimension
            ? $words->units->smallUnitOf($unit)->value.$by
            : $unit;

        return [
            'key' => $lane->key,
            'name' => $lane->name,
            'shape' => $lane->shape->value,
            'unit' => $unit($lane->unit, ''),
            'rateUnit' => $unit($lane->rateUnit, ' a day'),
            'full' => $lane->full,
            'tone' => $lane->tone,
        ];
    }
}
