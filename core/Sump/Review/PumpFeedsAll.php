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
    /** L/h under which a display is as good as cut off: our estimate. */
    private const LEAST = 100.0;

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
        if ($unknown !== []) {
            return;
        }
        $beside = $here->path->furtherTankLitresPerHour();
        $asked = $here->path->litresPerHour;
        if ($asked === null) {
            yield $this->left($loop->litresPerHour, $beside);

            return;
        }
        $sum = $asked + $beside;
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

    /** What the further tanks leave for the display, where the path does not say what that asks for. */
    private function left(float $gives, float $beside): Finding
    {
        $figures = Text::of(
            'The return gives {gives}; the further tanks take {beside} of it, and {left} are left for the display.',
            gives: Quantity::perHour($gives),
            beside: Quantity::perHour($beside),
            left: Quantity::perHour(max(0.0, $gives - $beside)),
        );

        return $gives - $beside < self::LEAST
            ? Finding::of(Severity::Fault, 'pump-feeds-few', 'The return does not feed all tanks', $figures)->because(
                'What one tank gets, another lacks.',
                'Take a larger pump, or send the further tanks less.',
            )
            : Finding::of(Severity::Good, 'pump-feeds-all', 'The return feeds all tanks', $figures);
    }
}
