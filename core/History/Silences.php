<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use Ithys\Finding;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Routines of which nothing was logged for so long that only their keeper knows whether they go on. */
final class Silences
{
    /** @return list<Finding> */
    public static function in(Routines $routines, DateTimeImmutable $now): array
    {
        $found = [];
        foreach ($routines->keys() as $key) {
            $usage = Routines::usage($key);
            $last = $routines->lastOf($key);
            $taken = $routines->at($key, $now)->perDay ?? 0.0;
            if ($usage === null || $last === null || $routines->find($key)?->asks !== true) {
                continue;
            }
            $found[] = Finding::of(
                Severity::Remark,
                'silence',
                Text::of('{what}: still the same?', what: Routines::name($key)),
                Text::of(
                    'Nothing logged since {day}; before that {before}. Until you log more, the forecast takes {taken}.',
                    day: $last->at->format('j M Y'),
                    before: $usage->perDay($routines->at($key, $last->at->modify('-1 day'))->perDay ?? $taken),
                    taken: $usage->perDay($taken),
                ),
            )->because('It may go on or have stopped, and what follows rests on it.', $usage->afterSilence());
        }

        return $found;
    }
}
