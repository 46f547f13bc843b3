<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;
use Ithys\Journal\MonthName;
use Ithys\Journal\TimeOfDay;

/**
 * How dates of three numbers are read. What can mean one day alone is read so in every order: 2026-03-04, 4 March 2026,
 * the day number of a spreadsheet.
 */
enum DateOrder: string
{
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';
    case YearFirst = 'iso';
    /** The year first, of two digits. */
    case ShortYearFirst = 'ymd';

    /** Days of a spreadsheet are counted from this one; its 29 February 1900 never was. */
    private const SERIAL_FROM = '1899-12-30';

    /** Spreadsheet days of 1982 to 2064: other numbers of five digits are none. */
    private const SERIALS = [30_000, 60_000];

    /** Names of the days of the week, in front of a date, say nothing that the date does not. */
    private const WEEKDAY
        = '~^(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so|lun|mar(?=di|te)|mer|jeu|ven|sam|dim'
            .'|mié|jue|vie|sáb|dom)[a-zäéáì]*\.?,?\s+(?=\S)~iu';

    /** Two years between one reading and the next, s. */
    private const LONG_GAP = 730 * 86_400;

    private const TIME = '(?:[ ,T]+(\S.*))?';

    public function example(): string
    {
        return match ($this) {
            self::DayFirst => '24/3/2026',
            self::MonthFirst => '3/24/2026',
            self::YearFirst => '2026-03-24',
            self::ShortYearFirst => '26-03-24',
        };
    }

    /**
     * The moment a cell means in the keeper's zone, noon where no time is given; null when it is no date.
     *
     * @throws InvalidEntry when it is a date that cannot be meant, or a time that the clocks showed twice or never
     */
    public function read(string $date, string $time, DateTimeZone $zone): ?DateTimeImmutable
    {
        $date = (string) preg_replace(self::WEEKDAY, '', trim($date));
        if (preg_match('~^\d{5}(?:[.,]\d+)?$~', $date) === 1) {
            return self::serial((float) str_replace(',', '.', $date), $time, $zone);
        }
        $parts = self::alone($date) ?? $this->ordered($date);
        if ($parts === null) {
            return null;
        }
        [$year, $month, $day, $with] = $parts;
        if (! checkdate($month, $day, $year)) {
            return null;
        }
        $written = $with === '' ? trim($time) : $with;
        if ($written === '') {
            return LocalMoment::plain($year, $month, $day, 12, 0, $zone);
        }
        $clock = TimeOfDay::read($written, true);

        return match (true) {
            $clock === null => null,
            $clock->offset === '' => LocalMoment::at($year, $month, $day, $clock->hour, $clock->minute, $zone),
            default => LocalMoment::plain(
                $year,
                $month,
                $day,
                $clock->hour,
                $clock->minute,
                new DateTimeZone($clock->offset),
            ),
        };
    }

    /** Whether a cell is a date when it is read in this order. */
    public function reads(string $date): bool
    {
        try {
            return $this->read($date, '', new DateTimeZone('UTC')) !== null;
        } catch (InvalidEntry) {
            return true;
        }
    }

    /**
     * The order that fits most of these dates, and whether another fits as many. What is no date in any order has no
     * say. Of several, points between the parts mean the day first; else the one that has the dates in a row and none
     * of them to come is taken.
     *
     * @param  list<string>  $dates
     * @return array{self, bool}
     */
    public static function guess(array $dates, ?DateTimeImmutable $now = null): array
    {
        $read = static fn (self $order): int => count(array_filter($dates, $order->reads(...)));
        $counts = array_map($read, [self::YearFirst, self::DayFirst, self::MonthFirst, self::ShortYearFirst]);
        $most = max($counts);
        // Where most dates stand for themselves, a few of another kind are slips, and nobody guesses at them.
        if ($counts[0] > 0 && 2 * $counts[0] >= $most) {
            return [self::YearFirst, false];
        }
        $possible = array_values(array_filter(
            [self::YearFirst, self::DayFirst, self::MonthFirst, self::ShortYearFirst],
            static fn (self $order, int $i): bool => $counts[$i] === $most,
            ARRAY_FILTER_USE_BOTH,
        ));
        if ($most === 0 || count($possible) === 1) {
            return [$possible[0] ?? self::YearFirst, false];
        }
        if (preg_grep('~^\D*\d{1,2}\.\d{1,2}\.~u', $dates) !== [] && in_array(self::DayFirst, $possible, true)) {
            return [self::DayFirst, false];
        }
        usort($possible, static fn (self $a, self $b): int => $a->faults($dates, $now) <=> $b->faults($dates, $now));

        return [array_shift($possible) ?? self::YearFirst, true];
    }

    /**
     * What a keeper should know of how these dates are written.
     *
     * @param  list<string>  $dates
     * @return list<string>
     */
    public function remarks(array $dates): array
    {
        $said = [];
        $utc = new DateTimeZone('UTC');
        $shown = fn (string $date): string => $this->read($date, '', $utc)?->format('j F Y') ?? '';
        foreach ($dates as $date) {
            if (! $this->reads($date)) {
                continue;
            }
            if (preg_match('~^\d{5}(?:[.,]\d+)?$~', $date) === 1) {
                $said['serial'] ??= "Dates are day numbers of a spreadsheet: {$date} is read as {$shown($date)}.";
            } elseif (preg_match('~(?<!\d)\d{4}(?!\d)|^\d{8}$~', $date) !== 1) {
                $said['short'] ??= "Years have two digits: {$date} is read as {$shown($date)}.";
            }
        }

        return array_values($said);
    }

    /**
     * How badly dates in this order fit a record that is kept day by day: steps back, gaps of
     * years, and days to come.
     *
     * @param  list<string>  $dates
     */
    private function faults(array $dates, ?DateTimeImmutable $now): int
    {
        $days = [];
        foreach ($dates as $date) {
            try {
                $days[] = $this->read($date, '', new DateTimeZone('UTC'));
            } catch (InvalidEntry) {
                continue;
            }
        }
        $days = array_values(array_filter($days));
        $back = $forth = $late = $far = 0;
        foreach ($days as $i => $day) {
            $late += $now !== null && $day > $now ? 1 : 0;
            $before = $days[$i - 1] ?? $day;
            $back += $day < $before ? 1 : 0;
            $forth += $day > $before ? 1 : 0;
            $far += abs($day->getTimestamp() - $before->getTimestamp()) > self::LONG_GAP ? 1 : 0;
        }

        // The newest may stand first as well.
        return min($back, $forth) + $late + $far;
    }

    /**
     * A date that means one day however it is ordered.
     *
     * @return array{int, int, int, string}|null year, month, day and the time behind them
     */
    private static function alone(string $date): ?array
    {
        if (preg_match('~^(\d{4})([-/. ])(\d{1,2})\2(\d{1,2})'.self::TIME.'$~', $date, $part) === 1) {
            return [(int) $part[1], (int) $part[3], (int) $part[4], $part[5] ?? ''];
        }
        if (preg_match('~^((?:19|20)\d{2})(\d{2})(\d{2})$~', $date, $part) === 1) {
            return [(int) $part[1], (int) $part[2], (int) $part[3], ''];
        }
        $name = '([^\W\d_]{3,10}\.?)';
        $year = '(\d{4}|\'?\d{2})';
        $day = '(\d{1,2})(?:st|nd|rd|th)?';
        $time = self::TIME;
        if (
            preg_match("~^{$day}(?:\\.)?[-/. ]*(?:de )?{$name}[-/., ]+(?:de )?{$year}{$time}$~iu", $date, $part) === 1
        ) {
            return self::named($part[3], $part[2], $part[1], $part[4] ?? '');
        }
        if (preg_match("~^{$name}[-/. ]*{$day}[-/., ]+{$year}{$time}$~iu", $date, $part) === 1) {
            return self::named($part[3], $part[1], $part[2], $part[4] ?? '');
        }
        if (preg_match("~^(\\d{4})[-/. ]{$name}[-/. ](\\d{1,2})".self::TIME.'$~iu', $date, $part) === 1) {
            return self::named($part[1], $part[2], $part[3], $part[4] ?? '');
        }

        return null;
    }

    /** @return array{int, int, int, string}|null */
    private static function named(string $year, string $month, string $day, string $time): ?array
    {
        $number = MonthName::number($month);

        return $number === null ? null : [self::year($year), $number, (int) $day, $time];
    }

    /** @return array{int, int, int, string}|null year, month, day and the time behind them */
    private function ordered(string $date): ?array
    {
        if (
            $this === self::YearFirst
            || preg_match('~^(\d{1,2})([./-])\s?(\d{1,2})\2\s?(\d{4}|\d{2})'.self::TIME.'$~', $date, $part) !== 1
        ) {
            return null;
        }
        [$first, $second, $third, $time] = [(int) $part[1], (int) $part[3], $part[4], $part[5] ?? ''];

        return match ($this) {
            self::DayFirst => [self::year($third), $second, $first, $time],
            self::MonthFirst => [self::year($third), $first, $second, $time],
            default => strlen($part[1]) === 2 && strlen($third) === 2
                ? [2000 + $first, $second, (int) $third, $time]
                : null,
        };
    }

    private static function year(string $digits): int
    {
        $digits = ltrim($digits, "'");

        return strlen($digits) === 2 ? 2000 + (int) $digits : (int) $digits;
    }

    private static function serial(float $days, string $time, DateTimeZone $zone): ?DateTimeImmutable
    {
        if ($days < self::SERIALS[0] || $days > self::SERIALS[1]) {
            return null;
        }
        $minutes = (int) round(fmod($days, 1.0) * 1440);
        $day = (new DateTimeImmutable(self::SERIAL_FROM, new DateTimeZone('UTC')))
            ->modify('+'.(int) $days.' days');
        $clock = trim($time) === '' ? null : TimeOfDay::read($time, true);
        if (trim($time) !== '' && $clock === null) {
            return null;
        }
        [$hour, $minute] = match (true) {
            $clock !== null => [$clock->hour, $clock->minute],
            $minutes > 0 && $minutes < 1440 => [intdiv($minutes, 60), $minutes % 60],
            default => [12, 0],
        };

        return LocalMoment::at(
            (int) $day->format('Y'),
            (int) $day->format('n'),
            (int) $day->format('j'),
            $hour,
            $minute,
            $zone,
        );
    }
}
