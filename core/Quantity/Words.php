<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** Turns texts into sentences in the reader's units; done once, where they leave for a screen, a file or a device. */
final readonly class Words
{
    public function __construct(public UnitSystem $units)
    {
    }

    public function say(Text|Quantity|string|int $text): string
    {
        return match (true) {
            $text instanceof Text => (string) preg_replace_callback(
                '~\{(\w+)(!?)\}~',
                fn (array $place): string => ! isset($text->values[$place[1]])
                    ? $place[0]
                    : ($place[2] === '!'
                        ? self::capital($this->say($text->values[$place[1]]))
                        : $this->say($text->values[$place[1]])),
                $text->pattern,
            ),
            $text instanceof Quantity => $this->units->format(
                $text->base,
                $text->dimension,
                $text->decimals,
                $text->keepsNoughts,
            ),
            default => (string) $text,
        };
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
