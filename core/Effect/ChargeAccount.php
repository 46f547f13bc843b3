<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Interval;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Quantity\Text;

/**
 * What a charge did, in one account: what it could hold, what it removed, what the water shows, and what was expected,
 * mg of phosphate.
 */
final readonly class ChargeAccount
{
    /** Share within which two figures count as the same. */
    private const ALIKE = 0.25;

    /** @param  array{float, float, float}  $gross  likely, low and high */
    private function __construct(
        public float $room,
        public array $gross,
        /** By the verdict, with its interval; null where there is none yet. */
        public ?Interval $net,
        public float $expected,
    ) {
    }

    /** @param  ?Judgement  $judgement  of phosphate, over all of the time since; null where none was asked */
    public static function of(ChargeState $state, ?Judgement $judgement): self
    {
        return new self(
            $state->amounts['room'],
            $state->gross,
            $judgement?->lost(),
            $state->amounts['expected'],
        );
    }

    /** Why the figures differ, in a sentence or two. */
    public function why(): Text
    {
        [$likely, $low, $high] = $this->gross;
        $water = match (true) {
            $this->net === null => Text::of('The water does not show yet what the charge did to it.'),
            $this->net->low > $high => Text::of(
                'The water lost more than the charge can have removed: something else helped.',
            ),
            $this->net->high < $low => Text::of(
                'The water lost less than the charge removed: food brought more in, and rock released some.',
            ),
            default => Text::of('What the water lost and what the charge removed agree within their ranges.'),
        };
        $grade = match (true) {
            $this->expected > (1 + self::ALIKE) * $high => Text::of(
                ' It removed less than the usual figures say: its grade differs, or water bypasses it.',
            ),
            $this->expected < (1 - self::ALIKE) * $low => Text::of(
                ' It removed more than the usual figures say: its grade differs.',
            ),
            default => Text::of(''),
        };

        return Text::join('', [$water, $grade]);
    }
}
