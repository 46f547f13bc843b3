<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** A plain number as keepers write it: 12, 12.5, 12,5, 1/2, 1 1/2. */
final readonly class Decimal
{
    /** What parts of a cup, a gallon and an inch are measured in; 24/11 is a day. */
    private const PARTS = [2, 3, 4, 8, 16, 32, 64];

    private function __construct(
        public float $value,
        /** The size of the last written digit, 0.01 for "0.06": what the writer could resolve. */
        public float $step,
    ) {
    }

    /** Whether the text is a part of one thing: 1/2 to 63/64, and thirds. */
    public static function isFraction(string $text): bool
    {
        return preg_match('~^(\d{1,2})/(\d{1,2})$~', $text, $part) === 1
            && in_array((int) $part[2], self::PARTS, true)
            && (int) $part[1] > 0
            && (int) $part[1] < (int) $part[2];
    }

    /**
     * Reads one number. A comma is a decimal comma, but "1,250" is refused, since it may also mean 1250.
     *
     * @throws InvalidQuantity for anything that is not a number of at most 12 digits
     */
    public static function parse(string $text): self
    {
        $trimmed = trim($text);
        if (preg_match('~^(?:(\d{1,6})[ -])?(\d{1,2})/(\d{1,2})$~', $trimmed, $fraction) === 1) {
            if (! self::isFraction("{$fraction[2]}/{$fraction[3]}")) {
                throw InvalidQuantity::notANumber($text);
            }
            $step = 1 / (int) $fraction[3];

            return new self((float) $fraction[1] + (int) $fraction[2] * $step, $step);
        }
        if (preg_match('~^[+-]?[1-9]\d{0,2},\d{3}$~', $trimmed) === 1) {
            throw InvalidQuantity::ambiguousComma($trimmed);
        }
        if (preg_match('~^[+-]?\d{1,12}(?:[.,](\d{1,12}))?$|^[+-]?[.,](\d{1,12})$~', $trimmed, $match) !== 1) {
            throw InvalidQuantity::notANumber($text);
        }

        $digits = $match[1] ?? '';
        $decimals = strlen($digits !== '' ? $digits : ($match[2] ?? ''));

        return new self((float) str_replace(',', '.', $trimmed), 10 ** -$decimals);
    }
}
