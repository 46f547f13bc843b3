<?php

declare(strict_types=1);

namespace Ithys\Journal;

use DateTimeImmutable;
use DateTimeZone;

/** A day or a time of day in the keeper's zone as the one moment it means. */
final class LocalMoment
{
    /** Nobody kept readings of a reef tank at home before; an earlier year is a slip of the hand. */
    public const EARLIEST_YEAR = 1970;

    /**
     * @throws InvalidEntry when there is no such day, the year cannot be meant, or the clocks showed that time twice or
     *   never
     */
    public static function at(
        int $year,
        int $month,
        int $day,
        int $hour,
        int $minute,
        DateTimeZone $zone,
    ): DateTimeImmutable {
        $moment = self::plain($year, $month, $day, $hour, $minute, $zone);
        $offsets = [$zone->getOffset($moment->modify('-1 day')), $zone->getOffset($moment->modify('+1 day'))];
        if ($offsets[0] === $offsets[1]) {
            return $moment;
        }
        $asUtc = self::plain($year, $month, $day, $hour, $minute, new DateTimeZone('UTC'))->getTimestamp();
        $meant = array_values(
            array_filter(
                $offsets,
                static fn (int $offset): bool => $zone->getOffset(new DateTimeImmutable('@'.($asUtc - $offset)))
                    === $offset,
            ),
        );

        return match (count($meant)) {
            0 => throw InvalidEntry::timeThatNeverWas($moment, sprintf('%02d:%02d', $hour, $minute)),
            1 => $moment,
            default => throw InvalidEntry::timeThatCameTwice($moment, self::words($meant[0]), self::words($meant[1])),
        };
    }

    /**
     * Noon of a day, or a time that carries its offset from UTC in its zone.
     *
     * @throws InvalidEntry when there is no such day or the year cannot be meant
     */
    public static function plain(
        int $year,
        int $month,
        int $day,
        int $hour,
        int $minute,
        DateTimeZone $zone,
    ): DateTimeImmutable {
        $text = sprintf('%04d-%02d-%02d', $year, $month, $day);
        if (! checkdate($month, $day, $year)) {
            throw InvalidEntry::noSuchDate($text);
        }
        if ($year < self::EARLIEST_YEAR) {
            throw InvalidEntry::beforeReefTanks($text, self::EARLIEST_YEAR);
        }

        return new DateTimeImmutable(sprintf('%s %02d:%02d', $text, $hour, $minute), $zone);
    }

    /**
     * The start of a day written as 2026-03-04.
     *
     * @throws InvalidEntry when it is written otherwise, there is no such day, or the year cannot be meant
     */
    public static function day(string $text, DateTimeZone $zone): DateTimeImmutable
    {
        return preg_match('~^(\d{4})-(\d{2})-(\d{2})$~D', $text, $part) === 1
            ? self::plain((int) $part[1], (int) $part[2], (int) $part[3], 0, 0, $zone)
            : throw InvalidEntry::unreadableDate(mb_strimwidth($text, 0, 40, '…'), '2026-03-04');
    }

    private static function words(int $offsetSeconds): string
    {
        return sprintf(
            '%s%02d:%02d',
            $offsetSeconds < 0 ? '-' : '+',
            intdiv(abs($offsetSeconds), 3600),
            intdiv(abs($offsetSeconds) % 3600, 60),
        );
    }
}
