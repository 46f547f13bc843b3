<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\RoutineWord\Repeated;

/** The routines of a tank, as its journal tells them. */
final readonly class Routines
{
    private const DAY = 86_400;

    /** Days after the last act within which the whole journal ends, if it is silent as a whole. */
    public const QUIET_DAYS = 2;

    /** Days over which a few acts are counted, at most and at least. */
    private const RECENT = 56.0;

    private const WEEK = 7.0;

    /**
     * @param  array<string, Routine>  $all  by the value of {@see Repeated}
     * @param  array<string, array<int, Entry>>  $first  the first entry of a day, by the same and day
     */
    private function __construct(
        private array $all,
        private array $first,
        private DateTimeZone $zone,
        /** What is taken of socks where none was ever logged. */
        private Rate $socks,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time, from the beginning of the journal
     * @param  float  $litres  working volume
     * @param  DateTimeZone  $zone  whose days are counted
     * @param  ?array{DateTimeImmutable, DateTimeImmutable}  $ends  first and last entry of the whole log, where these
     *   are of some routines alone
     */
    public static function of(
        array $entries,
        float $litres,
        DateTimeZone $zone,
        DateTimeImmutable $now,
        Assumptions $assumptions,
        ?Story $story = null,
        ?array $ends = null,
    ): self {
        /** @var array<string, RoutineLog> $logs */
        $logs = [];
        $end = self::dayIn($zone, $now);
        $last = $begin = null;
        foreach ($entries as $entry) {
            if ($entry->at > $now) {
                break;
            }
            $last = self::dayIn($zone, $entry->at);
            $begin ??= floor($last);
            $of = Repeated::of($entry);
            if ($of !== null) {
                ($logs[$of->value] ??= new RoutineLog)->take($entry, $last, $litres);
            }
        }
        if ($ends !== null) {
            [$begin, $last] = [floor(self::dayIn($zone, $ends[0])), self::dayIn($zone, $ends[1])];
        }
        $all = $first = [];
        foreach ($logs as $key => $log) {
            $of = Repeated::from($key);
            $acts = $log->acts();
            // While nothing at all is logged, silence of one routine says little.
            $isAllSilent = $acts !== [] && $last < $acts[count($acts) - 1]->day + self::QUIET_DAYS;
            $all[$key] = new Routine(
                $acts,
                $log->said(),
                self::manner($of, $assumptions, $isAllSilent),
                $begin ?? $end,
                $end,
                self::unknown($of, $acts, $begin ?? $end, $end, $assumptions),
                $story?->stopped($of),
            );
            $first[$key] = $log->first;
        }

        $often = 1 / $assumptions->value('sock-interval');

        return new self($all, $first, $zone, new Rate($often, $often / 2, 2 * $often, Known::Unknown));
    }

    /** Null for one of which nothing is logged. */
    public function find(Repeated $of): ?Routine
    {
        return $this->all[$of->value] ?? null;
    }

    /** What goes on at a moment; null for what nothing is logged of, but for socks. */
    public function at(Repeated $of, DateTimeImmutable $moment): ?Rate
    {
        return $this->find($of)?->at(self::dayIn($this->zone, $moment))
            ?? ($of === Repeated::Socks ? $this->socks : null);
    }

    /**
     * What goes on beside what is logged of a routine.
     *
     * @return list<Unlogged> by days from a moment
     */
    public function unlogged(Repeated $of, DateTimeImmutable $from): array
    {
        $day = self::dayIn($this->zone, $from);

        return array_map(
            static fn (Unlogged $one): Unlogged => new Unlogged(
                $one->from - $day,
                $one->to - $day,
                $one->perDay,
                $one->rate,
            ),
            $this->find($of)?->unlogged() ?? [],
        );
    }

    /** The first entry of a routine on a day, or after it. */
    public function entryFrom(Repeated $of, float $day): ?Entry
    {
        foreach ($this->first[$of->value] ?? [] as $its => $entry) {
            if ($its >= floor($day)) {
                return $entry;
            }
        }

        return null;
    }

    /** The moment as the calendar there has it. */
    public function local(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->setTimezone($this->zone);
    }

    /** The last entry of a routine. */
    public function lastOf(Repeated $of): ?Entry
    {
        $days = $this->first[$of->value] ?? [];

        return $days === [] ? null : $days[array_key_last($days)];
    }

    /**
     * What is taken of a few acts: socks as often as is usual, no organic carbon, the rest as it was done so far.
     *
     * @param  list<DayActs>  $acts
     */
    private static function unknown(
        Repeated $of,
        array $acts,
        float $begin,
        float $now,
        Assumptions $assumptions,
    ): Rate {
        if ($of->source() !== null || $acts === []) {
            return new Rate(0.0, 0.0, 0.0, Known::Unknown);
        }
        if ($of === Repeated::Socks) {
            $often = 1 / $assumptions->value('sock-interval');

            return new Rate($often, $often / 2, 2 * $often, Known::Unknown);
        }
        $days = min(self::RECENT, max(self::WEEK, $now - $begin));
        $recent = array_filter($acts, static fn (DayActs $one): bool => $one->day > $now - $days);
        $sum = array_sum(array_map(static fn (DayActs $one): float => $one->amount, $recent));

        return new Rate($sum / $days, 0.0, 2 * $sum / $days, Known::Unknown);
    }

    private static function manner(Repeated $of, Assumptions $assumptions, bool $isAllSilent): Manner
    {
        return new Manner(
            $assumptions->value("{$of->kind()}-stops"),
            $assumptions->value("{$of->kind()}-done"),
            $assumptions->value('logging-lapses') * ($isAllSilent ? Manner::WHOLE_JOURNAL : 1.0),
        );
    }

    /** Days of the calendar, with the time as a fraction. */
    private static function dayIn(DateTimeZone $zone, DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() + $zone->getOffset($moment)) / self::DAY;
    }
}
