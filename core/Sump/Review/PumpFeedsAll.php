<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Line;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The return gives what the display and the further tanks ask for together. */
final class PumpFeedsAll extends PinnedRule
{
    protected function pin(): string
    {
        return '#pump';
    }

    protected function findings(Situation $here): iterable
    {
        $loop = $here->plumbing->returnLoop($here->assumptions, $here->viscosity);
        $further = $here->path?->furtherTanks() ?? [];
        if ($loop === null || $loop->litresPerHour <= 0.0 || $further === []) {
            return;
        }
        $unknown = array_filter($further, static fn (Line $line): bool => $line->litresPerHour === null);
        foreach ($unknown as $line) {
            yield Finding::of(
                Severity::Caution,
                'tank-flow-unknown',
                Text::of('The flow through {tank} is not known', tank: $line->title()),
                'Whether the return feeds all tanks is not reckoned.',
            )->because('It is fed by the same pump.', 'Give its flow on the path.');
        }
        $asked = $here->path->litresPerHour;
        if ($unknown !== [] || $asked === null) {
            return;
        }
        $sum = $asked + $here->path->furtherTankLitresPerHour();
        $figures = Text::of(
            'The path asks for {sum}, {display} of it for the display; the return gives {gives}.',
            sum: Quantity::perHour($sum),
            display: Quantity::perHour($asked),
            gives: Quantity::perHour($loop->litresPerHour),
        );
        yield $loop->litresPerHour < $here->assumptions->value(Assumed::FlowShort) * $sum
            ? Finding::of(Severity::Caution, 'pump-feeds-few', 'The return does not feed all tanks', $figures)
                ->because(
                    'What one tank gets, another lacks.',
                    'Take a larger pump, or say on the path what each tank is meant to get.',
                )
            : Finding::of(Severity::Good, 'pump-feeds-all', 'The return feeds all tanks', $figures);
    }
}
