<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Water\Turnover;
use Ithys\Water\TurnoverSchool;

/** Flow through the filter against the schools. */
final class TurnoverFits implements Rule
{
    public function judge(Situation $here): iterable
    {
        $turnover = Turnover::judge($here->along, $here->workingLitres);
        $others = array_filter(
            TurnoverSchool::cases(),
            static fn (TurnoverSchool $school): bool => $school !== $here->tank->school,
        );
        $school = Text::join(
            ' ',
            array_map(static fn (TurnoverSchool $other): Text => $other->wanted($here->assumptions), [
                $here->tank->school,
                ...$others,
            ]),
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
