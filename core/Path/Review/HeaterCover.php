<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Kind;
use Ithys\Severity;

/** A heater stays under water in every state. */
final class HeaterCover implements Rule
{
    public function judge(Situation $here): iterable
    {
        $wanted = Assumptions::heaterCover();
        foreach ($here->path->itemsOf(Kind::Heater) as $heater) {
            $cover = $heater->figure(Figure::Cover);
            if ($cover !== null && $cover >= $wanted->value - 0.05) {
                continue;
            }
            yield Finding::of($cover === null ? Severity::Caution : Severity::Fault, 'heater-uncovered', $cover === null ? 'Heater cover not known' : 'Heater without cover',
                $cover === null
                    ? "It is not said how far the water stands over the minimum line of {$heater->title()} when the return chamber has been pumped empty."
                    : sprintf('With the return emptied, %s of water stands over the minimum line of %s; about %s is wanted.', $here->length($cover), $heater->title(), $here->length($wanted->value)), $wanted)
                ->at($heater->id)
                ->because('A heater that runs dry cracks and can burn. Only the return chamber falls with evaporation; behind a baffle the water stays. Electricity near salt water: drip loop, residual-current protection, local code.',
                    'Stand it behind the last baffle, its minimum line about 1/2 in under the baffle’s top, and enter the water that stays over the line.');
        }
    }
}
