<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Path\Kind;
use Ithys\Severity;
use Ithys\Water\Turnover;
use Ithys\Water\TurnoverSchool;

/** Flow through the filter against the schools. */
final class TurnoverFits implements Rule
{
    public function judge(Situation $here): iterable
    {
        $turnover = Turnover::judge($here->litresPerHour, $here->workingLitres, $here->tank->school, $here->units);
        $others = array_filter(
            TurnoverSchool::cases(),
            static fn (TurnoverSchool $school): bool => $school !== $here->tank->school,
        );
        $school = implode(
            ' ',
            array_map(static fn (TurnoverSchool $other): string => $other->wanted(), [$here->tank->school, ...$others]),
        );
        $pump = $here->path->itemsOf(Kind::ReturnPump)[0] ?? null;

        yield $turnover
            ->at($pump?->id)
            ->because(
                'Turnover decides how much of what floats reaches the filter before it settles.',
                $turnover->severity === Severity::Caution
                    ? 'Change the pump or its setting, or choose the other school under Water.'
                    : null,
                $school,
            );
    }
}
