<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use DateTimeImmutable;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MonthName;
use Ithys\Journal\TimeOfDay;

/** "yesterday", "3 days ago 20:15", "last night", "on monday at 8pm", "4 mar", "2026-10-25 02:30+01:00". */
final class WhenRule implements Rule
{
    private const WEEKDAYS = [
        'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday',
        'mon', 'tue', 'tues', 'wed', 'thu', 'thur', 'thurs', 'fri', 'sat', 'sun',
    ];

    /** Parts of a day, by the hour that is taken for them. */
    private const PARTS = ['morning' => 8, 'noon' => 12, 'afternoon' => 15, 'evening' => 19, 'night' => 21];

    private const NUMBERS = [
        'a' => 1, 'an' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        // Since a day: only of what stays so, such as a device that is off.
        self::isSetting($draft) && $tokens->take('since') || $tokens->take('on', 'at', 'from', 'around', '@');
        if ($this->readDay($tokens, $draft, $context) || $this->readTime($tokens, $draft)) {
            return true;
        }
        $tokens->position = $start;

        return false;
    }

    public function words(): array
    {
        return ['today', 'yesterday'];
    }

    private static function isSetting(Draft $draft): bool
    {
        foreach ($draft->payloads as [$payload]) {
            if ($payload->kind()->lever()?->isSetting !== true) {
                return false;
            }
        }

        return $draft->payloads !== [];
    }

    private function readDay(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $word = $tokens->peek()->word ?? '';
        if (in_array($word, ['today', 'yesterday'], true)) {
            $tokens->position++;
            $draft->setDate($context->now->modify($word)->format('Y-m-d'));
            $this->readPart($tokens, $draft);

            return true;
        }
        $part = $word === 'this' ? self::PARTS[$tokens->peek(1)->word ?? ''] ?? null : null;
        $hour = $word === 'tonight' ? self::PARTS['night'] : $part;
        if ($hour !== null) {
            $tokens->position += $word === 'tonight' ? 1 : 2;
            $draft->setDate($context->now->format('Y-m-d'));
            // What is part of a day that has not come yet is now.
            $hour <= (int) $context->now->format('H') ? $draft->setTime($hour, 0, '') : null;

            return true;
        }
        if ($tokens->take('last') && $tokens->take('night')) {
            $draft->setDate($context->now->modify('yesterday')->format('Y-m-d'));
            $draft->setTime(self::PARTS['night'], 0, '');

            return true;
        }
        $weekday = $tokens->peek()->word ?? '';
        if (in_array($weekday, self::WEEKDAYS, true)) {
            $tokens->position++;
            $draft->setDate(self::lastNamed($weekday, $context->now));
            $this->readPart($tokens, $draft);

            return true;
        }

        return $this->readDate($tokens, $draft, $context) || $this->readAgo($tokens, $draft, $context);
    }

    private function readPart(Tokens $tokens, Draft $draft): void
    {
        $hour = self::PARTS[$tokens->peek()->word ?? ''] ?? null;
        if ($hour !== null) {
            $tokens->position++;
            $draft->setTime($hour, 0, '');
        }
    }

    /** The latest day of that name before today. */
    private static function lastNamed(string $weekday, DateTimeImmutable $now): string
    {
        $day = $now->modify('-1 day');
        while (! str_starts_with(mb_strtolower($day->format('l')), mb_substr($weekday, 0, 3))) {
            $day = $day->modify('-1 day');
        }

        return $day->format('Y-m-d');
    }

    private function readDate(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $word = $tokens->peek()->word ?? '';
        if (preg_match('~^(\d{4})([-/.])(\d{1,2})\2(\d{1,2})$~', $word, $date) === 1) {
            $tokens->position++;
            $draft->setDate(self::day((int) $date[1], (int) $date[3], (int) $date[4], $word));

            return true;
        }
        $numbers = '~^(\d{1,2})([./])(\d{1,2})(?:\2(\d{2,4})?)?$~';
        if (! is_numeric($word) && preg_match($numbers, $word, $part) === 1) {
            $tokens->position++;
            [$first, $second, $year] = [(int) $part[1], (int) $part[3], (int) ($part[4] ?? 0)];
            // Points mean the day first; of slashes only what can be one day alone is read, and no short year.
            [$day, $month] = match (true) {
                $year > 0 && $year < 1000 => throw InvalidEntry::ambiguousDate($word),
                $part[2] === '.' || $first > 12 => [$first, $second],
                $second > 12 => [$second, $first],
                default => throw InvalidEntry::ambiguousDate(
                    $word,
                    self::either($first, $second, $year, $context->now),
                ),
            };
            $of = $year === 0 ? self::lastYear($month, $day, $context->now) : $year;
            $draft->setDate(self::day($of, $month, $day, $word));

            return true;
        }
        foreach ([[0, 1], [1, 0]] as [$dayAt, $monthAt]) {
            $month = MonthName::number($tokens->peek($monthAt)->word ?? '');
            $day = preg_match('~^(\d{1,2})(?:st|nd|rd|th|\.)?$~', $tokens->peek($dayAt)->word ?? '', $part) === 1
                ? (int) $part[1]
                : null;
            if ($month === null || $day === null) {
                continue;
            }
            $written = "{$tokens->peek()?->text} {$tokens->peek(1)?->text}";
            $tokens->position += 2;
            $year = preg_match('~^(19|20)\d{2}$~', $tokens->peek()->word ?? '') === 1
                ? (int) ($tokens->at($tokens->position++)->word ?? 0)
                : null;
            $year ??= self::lastYear($month, $day, $context->now);
            $draft->setDate(self::day($year, $month, $day, $written));

            return true;
        }

        return false;
    }

    /** @return list<string> the days that two numbers can be */
    private static function either(int $first, int $second, int $year, DateTimeImmutable $now): array
    {
        return array_values(array_unique(array_map(
            static fn (array $of): string => sprintf(
                '%04d-%02d-%02d',
                $year === 0 ? self::lastYear($of[1], $of[0], $now) : $year,
                $of[1],
                $of[0],
            ),
            [[$first, $second], [$second, $first]],
        )));
    }

    /** A day without its year is the latest one there was. */
    private static function lastYear(int $month, int $day, DateTimeImmutable $now): int
    {
        return (int) $now->format('Y') - (sprintf('%02d-%02d', $month, $day) > $now->format('m-d') ? 1 : 0);
    }

    private static function day(int $year, int $month, int $day, string $written): string
    {
        return checkdate($month, $day, $year)
            ? sprintf('%04d-%02d-%02d', $year, $month, $day)
            : throw InvalidEntry::noSuchDate($written);
    }

    private function readTime(Tokens $tokens, Draft $draft): bool
    {
        $word = $tokens->peek()->word ?? '';
        $isHalf = in_array($tokens->peek(1)->word ?? '', ['am', 'pm', 'a.m.', 'p.m.'], true);
        $both = $isHalf ? $word.($tokens->peek(1)->word ?? '') : $word;
        // Only what cannot be an amount is a time: 8.30 and 20h are hours of something.
        if (preg_match('~^(?:\d{1,2}:\d{2}.*|\d{1,2}h\d{2}|\d{1,2}[ap]\.?m\.?|noon|midnight)$~', $both) !== 1) {
            return false;
        }
        $tokens->position += $isHalf ? 2 : 1;
        $time = TimeOfDay::read($both) ?? throw InvalidEntry::noSuchTime($both);
        $draft->setTime($time->hour, $time->minute, $time->offset);

        return true;
    }

    private function readAgo(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $count = $tokens->peek()->word ?? '';
        $number = self::NUMBERS[$count] ?? (ctype_digit($count) && strlen($count) <= 4 ? (int) $count : null);
        $unit = match (rtrim($tokens->peek(1)->word ?? '', 's')) {
            'h', 'hr', 'hour' => 'hour',
            'm', 'min', 'minute' => 'minute',
            'd', 'day' => 'day',
            'w', 'week' => 'week',
            'month' => 'month',
            default => null,
        };
        $isAgo = $tokens->peek(2)?->word === 'ago';
        if ($number === null || $unit === null || ! $isAgo) {
            return false;
        }
        $tokens->position += 3;
        $then = $context->now->modify("-{$number} {$unit}");
        $draft->setDate($then->format('Y-m-d'));
        if (in_array($unit, ['hour', 'minute'], true)) {
            $draft->setTime((int) $then->format('H'), (int) $then->format('i'), $then->format('P'));
        }

        return true;
    }
}
