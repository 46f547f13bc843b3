<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\LocalMoment;

/** How dates with slashes or points are read; a date such as 2026-03-04 is always read as it stands. */
enum DateOrder: string
{
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';
    case YearFirst = 'iso';

    public function example(): string
    {
        return match ($this) {
            self::DayFirst => '24/3/2026',
            self::MonthFirst => '3/24/2026',
            self::YearFirst => '2026-03-24',
        };
    }

    /**
     * The moment a cell means in the keeper's zone, noon where no time is given; null when it is no date.
     *
     * @throws InvalidEntry when it is a date that cannot be meant, or a time that the clocks showed twice or never
     */
    public function read(string $date, string $time, DateTimeZone $zone): ?DateTimeImmutable
    {
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ]+(\S.*))?$~', $date, $iso) === 1) {
            return self::moment(
                (int) $iso[1],
                (int) $iso[2],
                (int) $iso[3],
                self::clock(($iso[4] ?? '') === '' ? $time : $iso[4]),
                $zone,
            );
        }
        if (
            $this === self::YearFirst
            || preg_match('~^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})(?:[ ,T]+(.+))?$~', $date, $part) !== 1
        ) {
            return null;
        }
        $year = strlen($part[3]) === 2 ? 2000 + (int) $part[3] : (int) $part[3];
        [$day, $month] = $this === self::DayFirst ? [(int) $part[1], (int) $part[2]] : [(int) $part[2], (int) $part[1]];

        return self::moment($year, $month, $day, self::clock(($part[4] ?? '') === '' ? $time : $part[4]), $zone);
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
     * The order that fits these dates, and whether another would fit as well.
     *
     * @param  list<string>  $dates
     * @return array{self, bool}
     */
    public static function guess(array $dates): array
    {
        $fits = static fn (self $order): bool => array_filter(
            $dates,
            static fn (string $date): bool => ! $order->reads($date),
        ) === [];
        $possible = array_values(array_filter([self::YearFirst, self::DayFirst, self::MonthFirst], $fits));
        // Points between the parts are written by people who put the day first.
        $pointed = preg_grep('~^\d{1,2}\.\d{1,2}\.~', $dates) ?: [];

        return match (true) {
            $pointed !== [] => [self::DayFirst, false],
            in_array(self::YearFirst, $possible, true) => [self::YearFirst, false],
            $possible === [] => [self::mostlyReadable($dates), false],
            default => [$possible[0], count($possible) > 1],
        };
    }

    /** @param  list<string>  $dates */
    private static function mostlyReadable(array $dates): self
    {
        $read = static fn (self $order): int => count(array_filter($dates, $order->reads(...)));
        $counts = ['iso' => $read(self::YearFirst), 'dmy' => $read(self::DayFirst), 'mdy' => $read(self::MonthFirst)];
        arsort($counts);

        return self::from((string) array_key_first($counts));
    }

    /**
     * @return array{int, int, string}|null|false hour, minute and offset from UTC, null for none given, false for no
     *   time of day
     */
    private static function clock(string $text): array|null|false
    {
        if (trim($text) === '') {
            return null;
        }
        if (
            preg_match(
                '~^\s*(\d{1,2})[:.h](\d{2})(?::\d{2}(?:\.\d+)?)?\s*([ap]m)?\s*(Z|[+-](?:0\d|1[0-4]):?[0-5]\d)?\s*$~i',
                $text,
                $match,
            ) !== 1
        ) {
            return false;
        }
        $hour = (int) $match[1];
        $half = strtolower($match[3] ?? '');
        if ($half !== '') {
            if ($hour < 1 || $hour > 12) {
                return false;
            }
            $hour = $hour % 12 + ($half === 'pm' ? 12 : 0);
        }

        return $hour > 23 || (int) $match[2] > 59 ? false : [$hour, (int) $match[2], $match[4] ?? ''];
    }

    /** @param  array{int, int, string}|null|false  $clock */
    private static function moment(
        int $year,
        int $month,
        int $day,
        array|null|false $clock,
        DateTimeZone $zone,
    ): ?DateTimeImmutable {
        if ($clock === false || ! checkdate($month, $day, $year)) {
            return null;
        }
        [$hour, $minute, $offset] = $clock ?? [12, 0, ''];

        return match (true) {
            $clock === null => LocalMoment::plain($year, $month, $day, 12, 0, $zone),
            $offset === '' => LocalMoment::at($year, $month, $day, $hour, $minute, $zone),
            default => LocalMoment::plain($year, $month, $day, $hour, $minute, new DateTimeZone($offset)),
        };
    }
}
