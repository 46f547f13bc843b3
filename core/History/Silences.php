<?php

declare(strict_types=1);

namespace Ithys\History;

use Ithys\Finding;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Routines of which nothing was logged for so long that only their keeper knows whether they go on. */
final class Silences
{
    /**
     * What the forecast does with a silence until it is answered.
     *
     * @param  ?float  $stopped  odds once the readings have had their say; null where one story alone is told
     */
    public static function carries(?float $stopped): Text
    {
        return $stopped === null ? Text::of(
            'Until you answer, Ithys assumes that it continues, less the chance that it stopped.',
        ) : Text::of(
            'Until you answer, the forecast carries both: it continues ({goes}) or it stopped ({stopped}), by your log '
                .'and your readings.',
            goes: Quantity::share(Quantity::significant(1 - $stopped, 1)),
            stopped: Quantity::share(Quantity::significant($stopped, 1)),
        );
    }

    /** @return array<string, Finding> by the value of {@see Repeated} */
    public static function in(Routines $routines): array
    {
        $found = [];
        foreach (Repeated::cases() as $of) {
            $usage = $of->usage();
            $routine = $routines->find($of);
            $last = $routines->lastOf($of);
            $usual = $routine?->usual();
            if ($usage === null || $last === null || $usual === null || ! $routine->asks) {
                continue;
            }
            $words = implode(' ', $of->phrases()[0]);
            $found[$of->value] = Finding::of(
                Severity::Remark,
                'silence',
                Text::of('{what}: still the same?', what: $of->label()),
                Text::of(
                    'You have logged nothing since {day}; before that {before}.',
                    day: $routines->local($last->at)->format('j M Y'),
                    before: $usage->perDay($usual->perDay),
                ),
            )->because('It may go on or have stopped, and what follows rests on it.', Text::of(
                'Log “{words} as before” or “{words} stopped”, or what you did.',
                words: $words,
            ));
        }

        return $found;
    }
}
