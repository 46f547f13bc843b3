<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Effect\Relaxed\Interval;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** The sentences of a trial in a tank. */
final readonly class TankWords
{
    public function __construct(private TankPlan $plan)
    {
    }

    /** @param  float  $wanted  smallest difference worth knowing, mg/L a day */
    public function verdict(Interval $perDay, float $wanted, string $with, string $without): Text
    {
        $isLess = $perDay->high < 0.0;
        if ($isLess || $perDay->low > 0.0) {
            return Text::of(
                $isLess
                    ? '{parameter!}: with {with} the water gained {estimate} a week less than {without} ({low} to '
                        .'{high}).'
                    : '{parameter!}: with {with} the water gained {estimate} a week more than {without} ({low} to '
                        .'{high}).',
                parameter: $this->plan->parameter->label(),
                with: $with,
                without: $without,
                estimate: $this->perWeek(abs($perDay->estimate)),
                low: $this->perWeek(min(abs($perDay->low), abs($perDay->high))),
                high: $this->perWeek(max(abs($perDay->low), abs($perDay->high))),
            );
        }

        return Text::of(
            $perDay->liesWithin($wanted)
                ? '{parameter!}: no clear effect. With {with} the water gains at most {low} a week less and {high} a '
                    .'week more than {without}.'
                : '{parameter!}: not clear. With {with} the water gains between {low} a week less and {high} a week '
                    .'more than {without}.',
            parameter: $this->plan->parameter->label(),
            with: $with,
            without: $without,
            low: $this->perWeek(abs($perDay->low)),
            high: $this->perWeek(abs($perDay->high)),
        );
    }

    private function perWeek(float $perDay): Quantity
    {
        return Quantity::base(
            Quantity::significant(TankVerdict::WEEK * $perDay, 2),
            $this->plan->parameter->dimension(),
        );
    }
}
