<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Effect\Judgement;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Quantity\Text;

/**
 * Two tanks of which one was changed: the verdict on the change in the one, less the verdict on the same day in the
 * other, where nothing was changed. What moves both, such as a new batch of food, falls out.
 */
final class PairedTanks
{
    /**
     * How much wider its interval is than one of 95 %, as {@see SwitchBack::SURE} asks for: two tanks wander.
     */
    private const WIDER = 1.15;

    /** @param  array{string, string}  $names  of the tank that was changed, and of the other */
    public static function judge(TankPlan $plan, Judgement $changed, Judgement $left, array $names): TankVerdict
    {
        $sides = Text::of(
            '{changed}: {one} {other}: {two}',
            changed: $names[0],
            one: $changed->answer->says,
            other: $names[1],
            two: $left->answer->says,
        );
        [$one, $other] = [TankVerdict::perDay($changed), TankVerdict::perDay($left)];
        if ($one === null || $other === null) {
            return TankVerdict::withheld(Text::of(
                'Not clear: {tank} does not allow an answer. {says}',
                tank: $names[$one === null ? 0 : 1],
                says: ($one === null ? $changed : $left)->answer->says,
            ));
        }
        $perDay = self::less($one, $other);
        $wanted = $changed->wantedPerDay / $changed->question->litres;

        return TankVerdict::of(
            (new TankWords($plan))->verdict($perDay, $wanted, $plan->change, "{$names[1]} without it"),
            $perDay->times(TankVerdict::WEEK),
            [$sides],
        );
    }

    /**
     * One less the other, with an interval by the distances of both (Zou and Donner 2008, from memory).
     */
    public static function less(Interval $one, Interval $other): Interval
    {
        $estimate = $one->estimate - $other->estimate;

        return new Interval(
            $estimate,
            $estimate - self::WIDER * hypot($one->estimate - $one->low, $other->high - $other->estimate),
            $estimate + self::WIDER * hypot($one->high - $one->estimate, $other->estimate - $other->low),
        );
    }
}
