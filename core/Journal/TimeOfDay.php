<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** A time of day as keepers write it: 20:15, 8pm, 8:15 PM, 20h15, 20.15, 20:15+02:00. */
final readonly class TimeOfDay
{
    private const FORM
        = '~^(?:at\s+)?(\d{1,2})(?:\s*[:.h]\s*(\d{2})(?::\d{2}(?:[.,]\d+)?)?|\s*h)?\s*([ap])?\.?(?:(?<=[apAP]|\.)m\.?)?'
            .'\s*(?:uhr|h)?\s*(Z|[+-](?:0\d|1[0-4]):?[0-5]\d)?$~i';

    private function __construct(
        public int $hour,
        public int $minute,
        /** From UTC, such as "+02:00" or "Z"; empty where none is written. */
        public string $offset,
    ) {
    }

    /**
     * Null for a text that is no time of day. A bare number is none, for it could be anything.
     *
     * @param  bool  $isTime  the text is known to be a time: four digits are read as one, 1930
     */
    public static function read(string $text, bool $isTime = false): ?self
    {
        $text = trim($text);
        if ($isTime && preg_match('~^\d{3,4}$~', $text) === 1) {
            $text = substr($text, 0, -2).':'.substr($text, -2);
        }
        $named = ['noon' => 12, 'midday' => 12, 'midnight' => 0][mb_strtolower($text)] ?? null;
        if ($named !== null) {
            return new self($named, 0, '');
        }
        if (preg_match(self::FORM, $text, $match) !== 1 || ctype_digit($text)) {
            return null;
        }
        $hour = (int) $match[1];
        $half = strtolower($match[3] ?? '');
        if ($half !== '') {
            if ($hour < 1 || $hour > 12) {
                return null;
            }
            $hour = $hour % 12 + ($half === 'p' ? 12 : 0);
        }
        $minute = (int) ($match[2] ?? 0);

        return $hour > 23 || $minute > 59 ? null : new self($hour, $minute, $match[4] ?? '');
    }
}
