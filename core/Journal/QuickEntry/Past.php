<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\Entry;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Reading\Reading;

/** What was done to this tank before, as lines that can be logged again. */
final readonly class Past
{
    /** Letters that tell a word. */
    private const TELLING = 3;

    /**
     * Lines that what was typed may become: those done most often first, then those done last. Readings are no habit,
     * and notes are no acts.
     *
     * @param  list<Entry>  $entries  newest first
     * @return list<string>
     */
    public static function like(string $typed, array $entries, int $most = 3): array
    {
        $begun = mb_strtolower((string) preg_replace('/\s+/u', ' ', trim($typed)));
        if ($begun === '') {
            return [];
        }
        $times = [];
        foreach ($entries as $entry) {
            if (! $entry->payload instanceof Reading && ! $entry->payload instanceof Note) {
                $line = $entry->payload->line();
                $times[$line] = ($times[$line] ?? 0) + 1;
            }
        }
        unset($times[trim($typed)]);
        $fitting = array_filter(
            $times,
            static fn (string $line): bool => self::begins($begun, $line),
            ARRAY_FILTER_USE_KEY,
        );
        // The sort keeps the order of what was done equally often, which is that of time.
        arsort($fitting);

        return array_map(strval(...), array_keys(array_slice($fitting, 0, $most, true)));
    }

    /** A line begins like that, or one of its later words does where enough is typed to tell. */
    private static function begins(string $begun, string $line): bool
    {
        $line = mb_strtolower($line);

        return str_starts_with($line, $begun)
            || (mb_strlen($begun) >= self::TELLING && str_contains($line, " {$begun}"));
    }
}
