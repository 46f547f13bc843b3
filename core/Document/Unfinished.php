<?php

declare(strict_types=1);

namespace Ithys\Document;

/** A document as typed, without what cannot be read yet, so that the rest of it can. */
final class Unfinished
{
    /**
     * @param  array<mixed>  $typed
     * @param  list<string>  $places  as {@see Refused} names them
     * @param  array<string, non-empty-list<string>>  $parts  the way to a part by how a place in it begins, with a *
     *   for its id; a figure elsewhere is left out by itself
     * @return array<mixed>
     */
    public static function leftOut(array $typed, array $places, array $parts): array
    {
        // From the last to the first, so that no part of a list moves up before its turn.
        rsort($places, SORT_NATURAL);
        foreach ($places as $place) {
            $steps = explode('.', $place);
            $way = $parts[$steps[0]] ?? null;
            $typed = $way === null
                ? self::emptied($typed, $steps)
                : self::without($typed, array_map(
                    static fn (string $step): string => $step === '*' ? $steps[1] ?? '' : $step,
                    $way,
                ));
        }

        return $typed;
    }

    /**
     * @param  array<mixed>  $from
     * @param  non-empty-list<string>  $way
     * @return array<mixed> without the part at the end of the way, which goes by its key, id or line
     */
    private static function without(array $from, array $way): array
    {
        $next = array_shift($way);
        if ($way !== []) {
            return is_array($from[$next] ?? null) ? [...$from, $next => self::without($from[$next], $way)] : $from;
        }
        $kept = array_filter(
            $from,
            static fn (mixed $one, int|string $key): bool => (string) $key !== $next
                && (! is_array($one) || ! in_array($next, [$one['id'] ?? null, $one['line'] ?? null], true)),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_is_list($from) ? array_values($kept) : $kept;
    }

    /**
     * @param  array<mixed>  $from
     * @param  non-empty-list<string>  $way
     * @return array<mixed> with nothing at the end of the way
     */
    private static function emptied(array $from, array $way): array
    {
        $next = array_shift($way);
        if ($way !== [] && is_array($from[$next] ?? null)) {
            $from[$next] = self::emptied($from[$next], $way);
        } elseif ($way === [] && isset($from[$next]) && ! is_array($from[$next])) {
            $from[$next] = '';
        }

        return $from;
    }
}
