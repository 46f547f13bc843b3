<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonDoseKind;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\FeedKind;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\Kinds;
use Ithys\Journal\SockChange\SockChangeKind;
use Ithys\Journal\Usage;
use Ithys\Quantity\Text;

/** The routines of a tank, as its journal tells them: one by each kind of entry that is made again and again, and source. */
final readonly class Routines
{
    private const DAY = 86_400;

    /** Days over which a few acts are counted, at most and at least. */
    private const RECENT = 56.0;

    private const WEEK = 7.0;

    /**
     * @param  array<string, Routine>  $all  by key
     * @param  array<string, array<int, Entry>>  $first  the first entry of a day, by key and day
     */
    private function __construct(private array $all, private array $first, private DateTimeZone $zone)
    {
    }

    /**
     * @param  list<Entry>  $entries  in order of time, from the beginning of the journal
     * @param  float  $litres  working volume
     * @param  DateTimeZone  $zone  whose days are counted
     */
    public static function of(
        array $entries,
        float $litres,
        DateTimeZone $zone,
        DateTimeImmutable $now,
        Assumptions $assumptions,
    ): self {
        $acts = $first = $none = $stops = $plans = [];
        foreach ($entries as $entry) {
            $at = self::dayIn($zone, $entry->at);
            $day = (int) floor($at);
            $key = self::key($entry);
            if ($entry->payload instanceof FeedPlan) {
                // A plan that ends leaves the word to the log.
                $entry->payload->perDay === null
                    ? $plans[FeedKind::KEY] = []
                    : $plans[FeedKind::KEY][$day] = $entry->payload->perDay->grams;

                continue;
            }
            if ($entry->at > $now || $entry->kind()->lever()?->usage === null) {
                continue;
            }
            $use = $entry->payload->mark($litres)->use;
            $first[$key][$day] ??= $entry;
            if ($use > 0.0) {
                $acts[$key][$day] = new DayActs(
                    $day,
                    $use + ($acts[$key][$day]->amount ?? 0.0),
                    1 + ($acts[$key][$day]->count ?? 0),
                );
                // What is done later on the day of a stop takes it back.
                $stops[$key] = array_values(array_filter(
                    $stops[$key] ?? [],
                    static fn (float $stop): bool => floor($stop) < $day,
                ));
            } elseif ($entry->payload instanceof CarbonDose) {
                $stops[$key][] = $at;
            } else {
                $none[$key][] = [$day, $day + 1];
            }
        }
        $end = self::dayIn($zone, $now);
        $begin = $entries === [] ? $end : floor(self::dayIn($zone, $entries[0]->at));
        $last = $entries === [] ? $end : self::dayIn($zone, min($now, $entries[count($entries) - 1]->at));
        $all = [];
        foreach (array_keys($first + $plans) as $key) {
            $days = $acts[$key] ?? [];
            $kind = self::kind($key);
            $isAllSilent = $days !== [] && $last < (int) array_key_last($days) + 2;
            $all[$key] = new Routine(
                array_values($days),
                new Statements($none[$key] ?? [], $stops[$key] ?? [], $plans[$key] ?? []),
                self::manner($kind, $assumptions, $isAllSilent),
                $begin,
                $end,
                self::unknown($kind, array_values($days), $begin, $end, $assumptions),
            );
        }

        return new self($all, $first, $zone);
    }

    /** What tells one routine from another: its kind, and of organic carbon its source, each of which is stopped alone. */
    private static function key(Entry $entry): string
    {
        $kind = $entry->kind()->key();

        return $entry->payload instanceof CarbonDose ? self::carbon($entry->payload->source) : $kind;
    }

    public static function carbon(CarbonSource $source): string
    {
        return CarbonDoseKind::KEY." {$source->value}";
    }

    /** The kind of entry that a routine is of. */
    private static function kind(string $key): string
    {
        return explode(' ', $key)[0];
    }

    /** How its use is told; null for what has none. */
    public static function usage(string $key): ?Usage
    {
        return Kinds::named(self::kind($key))->lever()?->usage;
    }

    /** "Feeding", "Organic carbon, vinegar". */
    public static function name(string $key): Text
    {
        $name = self::usage($key)?->name() ?? $key;
        $source = CarbonSource::tryFrom(explode(' ', $key)[1] ?? '');

        return $source === null
            ? Text::wrap($name)
            : Text::of('{what}, {source}', what: $name, source: $source->label());
    }

    /** The last entry of a routine. */
    public function lastOf(string $key): ?Entry
    {
        $days = $this->first[$key] ?? [];

        return $days === [] ? null : $days[array_key_last($days)];
    }

    /** Null for one of which nothing is logged. */
    public function find(string $key): ?Routine
    {
        return $this->all[$key] ?? null;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->all);
    }

    public function at(string $key, DateTimeImmutable $moment): ?Rate
    {
        return ($this->all[$key] ?? null)?->at(self::dayIn($this->zone, $moment));
    }

    /** The first entry of a routine on a day, or after it. */
    public function entryFrom(string $key, float $day): ?Entry
    {
        foreach ($this->first[$key] ?? [] as $its => $entry) {
            if ($its >= floor($day)) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * What is taken of a few acts: socks as often as is usual, no organic carbon, the rest as it was done so far.
     *
     * @param  list<DayActs>  $acts
     */
    private static function unknown(
        string $kind,
        array $acts,
        float $begin,
        float $now,
        Assumptions $assumptions,
    ): Rate {
        if ($kind === CarbonDoseKind::KEY || $acts === []) {
            return new Rate(0.0, 0.0, 0.0, Known::Unknown);
        }
        if ($kind === SockChangeKind::KEY) {
            $often = 1 / $assumptions->value('sock-interval');

            return new Rate($often, $often / 2, 2 * $often, Known::Unknown);
        }
        $days = min(self::RECENT, max(self::WEEK, $now - $begin));
        $recent = array_filter($acts, static fn (DayActs $one): bool => $one->day > $now - $days);
        $sum = array_sum(array_map(static fn (DayActs $one): float => $one->amount, $recent));

        return new Rate($sum / $days, 0.0, 2 * $sum / $days, Known::Unknown);
    }

    private static function manner(string $kind, Assumptions $assumptions, bool $isAllSilent): Manner
    {
        return new Manner(
            $assumptions->value("{$kind}-stops"),
            $assumptions->value("{$kind}-done"),
            $assumptions->value('logging-lapses') * ($isAllSilent ? Manner::WHOLE_JOURNAL : 1.0),
        );
    }

    /** Days of the calendar, with the time as a fraction. */
    private static function dayIn(DateTimeZone $zone, DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() + $zone->getOffset($moment)) / self::DAY;
    }
}
