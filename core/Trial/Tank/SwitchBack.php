<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\Confounder;
use Ithys\Effect\KitStretch;
use Ithys\Effect\Observation;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Withheld;
use Ithys\Quantity\Text;

/**
 * A change that was on and off in one tank by lot: what comes in while it is on against while it is off, by the model
 * of the verdict (loss, dilution, a wandering input) with one column for all the time on.
 */
final class SwitchBack
{
    /**
     * Share of its interval. A little wider than a verdict's, so that of trials without an effect at most one in
     * twenty tells one in wandering tanks that are read once a week (tried in `tests/Slow/SwitchBackTest.php`).
     */
    public const SURE = 0.975;

    /** Share of the readings of one side that makes it cloudy. */
    private const MOSTLY = 0.5;

    /** Readings on either side of another change, so that it has a column of its own. */
    private const TOLD = 3;

    /** Days around a switch within which a logged change is the switch itself. */
    private const SAME = 1.5;

    /**
     * @param  list<KitStretch>  $stretches  readings from the start on, days from midnight after its first day
     * @param  list<Confounder>  $others  other changes, days from the same moment
     */
    public static function judge(
        TankPlan $plan,
        Lot $lot,
        array $stretches,
        array $others,
        Assumptions $assumptions,
    ): TankVerdict {
        $whole = self::longest($stretches);
        $used = $whole?->only(static fn (Observation $one): bool => $one->day <= $lot->lastDay()
            && ! $lot->isWashout($one->day));
        $missing = self::missing($plan, $lot, $used);
        if ($used === null || $missing !== null) {
            return TankVerdict::withheld($missing ?? Text::wrap('Not clear: no readings are in the journal.'));
        }
        $others = self::unlikeSwitches($others, $lot);
        $remarks = self::remarks($whole, $stretches, $others);
        $stick = $used->stick($lot->course(self::told($others, $used)), $assumptions);
        $stands = $stick === null
            ? Text::wrap('Not clear: these readings fix no answer.')
            : self::cloudy($lot, $used) ?? self::dry($lot, $used) ?? Withheld::misfit($stick);
        if ($stick === null || $stands !== null) {
            return TankVerdict::withheld($stands ?? Text::of(''), $remarks);
        }
        $wanted = $assumptions->value(Assumed::WantedShare) * $used->level() / 28;
        $perDay = $stick->change()->interval(self::SURE);

        return TankVerdict::of(
            (new TankWords($plan))->verdict($perDay, $wanted, $plan->change, 'without it'),
            $perDay->times(TankVerdict::WEEK),
            $remarks,
        );
    }

    /** @param  list<KitStretch>  $stretches */
    private static function longest(array $stretches): ?KitStretch
    {
        $longest = null;
        foreach ($stretches as $one) {
            $longest = $longest === null || count($one->observations) > count($longest->observations)
                ? $one
                : $longest;
        }

        return $longest;
    }

    /** A period with too few readings; null where each has them. */
    private static function missing(TankPlan $plan, Lot $lot, ?KitStretch $used): ?Text
    {
        $counts = array_fill(0, count($lot->order), 0);
        foreach ($used === null ? [] : $used->observations as $one) {
            $period = $lot->periodOf($one->day);
            $counts[$period ?? 0] += $period === null ? 0 : 1;
        }
        foreach ($counts as $period => $count) {
            if ($count < Schedule::LEAST) {
                return Text::of(
                    'Not clear: period {period} has {n} of {parameter} that count, and needs two by one kit, after '
                        .'its washout.',
                    period: $period + 1,
                    n: $count === 0 ? 'no readings' : '1 reading',
                    parameter: $plan->parameter->label(),
                );
            }
        }

        return null;
    }

    /**
     * @param  list<Confounder>  $others
     * @return list<Confounder> those that are not the switching itself
     */
    private static function unlikeSwitches(array $others, Lot $lot): array
    {
        return array_values(array_filter($others, static function (Confounder $one) use ($lot): bool {
            foreach ($lot->switches() as $switch) {
                if ($one->day !== null && abs($one->day - $switch['day']) <= self::SAME) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * @param  list<Confounder>  $others
     * @return list<float>
     */
    private static function told(array $others, KitStretch $used): array
    {
        $days = [];
        foreach ($others as $other) {
            $before = count(array_filter(
                $used->observations,
                static fn (Observation $one): bool => $one->day <= $other->day,
            ));
            if ($other->day !== null && min($before, count($used->observations) - $before) >= self::TOLD) {
                $days[] = $other->day;
            }
        }

        return $days;
    }

    /**
     * @param  list<KitStretch>  $stretches
     * @param  list<Confounder>  $others
     * @return list<Text>
     */
    private static function remarks(?KitStretch $whole, array $stretches, array $others): array
    {
        $all = array_sum(array_map(static fn (KitStretch $one): int => count($one->observations), $stretches));
        $left = $all - ($whole === null ? 0 : count($whole->observations));

        return [
            ...$left === 0 ? [] : [Text::of(
                '{left} by another kit {do} not count.',
                left: $left === 1 ? '1 reading' : "{$left} readings",
                do: $left === 1 ? 'does' : 'do',
            )],
            ...array_map(static fn (Confounder $one): Text => Text::of(
                'Also changed since the start: {what}',
                what: $one->sentence,
            ), $others),
        ];
    }

    private static function cloudy(Lot $lot, KitStretch $used): ?Text
    {
        $shares = array_map(static function (bool $isOn) use ($lot, $used): float {
            $side = self::side($lot, $used, $isOn);

            return $side === [] ? 0.0
                : count(array_filter($side, static fn (Observation $one): bool => $one->cloudy)) / count($side);
        }, [true, false]);

        return max($shares) >= self::MOSTLY && min($shares) < self::MOSTLY ? Text::wrap(
            'Not clear: the water was cloudy in the periods on or in those off, and clear in the others. Bacteria hold '
                .'nutrients while the water is cloudy and give them back.',
        ) : null;
    }

    /** Why the water changes do not allow an answer: logged while on or off alone. */
    private static function dry(Lot $lot, KitStretch $used): ?Text
    {
        $count = [0, 0];
        foreach ($used->dilutions as $one) {
            $period = $one->day < 0.0 ? null : $lot->periodOf($one->day);
            if ($period !== null) {
                $count[$lot->order[$period] ? 1 : 0]++;
            }
        }

        return min($count) === 0 && max($count) >= self::TOLD ? Text::of(
            'Not clear: {n} water changes are logged while it was {isOn}, and none in the other periods. Log what is '
                .'missing, or “no water changes from … to …”.',
            n: max($count),
            isOn: $count[1] > 0 ? 'on' : 'off',
        ) : null;
    }

    /** @return list<Observation> */
    private static function side(Lot $lot, KitStretch $used, bool $isOn): array
    {
        return array_values(array_filter(
            $used->observations,
            static fn (Observation $one): bool => $lot->order[$lot->periodOf($one->day) ?? 0] === $isOn,
        ));
    }
}
