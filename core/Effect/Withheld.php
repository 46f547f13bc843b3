<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Journal\Entry;
use Ithys\Quantity\Text;

/** Why no answer may rest on what was read and logged. */
final class Withheld
{
    /** Innovations that go on in one direction by more than this are no chance (1 %). */
    private const FOLLOWING = 2.326;

    /** Share of a side that makes it cloudy. */
    private const MOSTLY = 0.5;

    /**
     * Why no answer may rest on these readings, whatever the model makes of them; null where nothing stands against it.
     *
     * @param  list<Entry>  $journal
     */
    public static function reason(
        Question $question,
        Evidence $evidence,
        ?RelaxedStick $stick,
        array $journal,
    ): ?Text {
        if ($stick === null) {
            return null;
        }
        $changes = array_map(static fn (Dilution $one): float => $one->day, $evidence->dilutions);
        $before = count(array_filter($changes, static fn (float $day): bool => $day <= 0.0));
        $since = count($changes) - $before;
        if (min($before, $since) === 0 && max($before, $since) >= ChangeEffect::LEAST_PER_SIDE) {
            return Text::of(
                $before === 0
                    ? 'No water change is logged before this change and {n} since. Whether none was made is not known, '
                        .'and it decides the answer. Import them, or log a line such as {line}.'
                    : 'No water change is logged since this change and {n} before. Whether none was made is not known, '
                        .'and it decides the answer. Log a line such as {line}.',
                n: max($before, $since),
                line: self::lineFor($question, $evidence, $before === 0),
            );
        }
        [$clouded, $clear] = self::cloudiness($evidence);
        if ($clouded >= self::MOSTLY && $clear < self::MOSTLY) {
            return Text::wrap(
                'Most readings on one side were taken in cloudy water, and few on the other. Bacteria hold nutrients '
                    .'while the water is cloudy and give them back: wait for clear water.',
            );
        }
        $innovations = $stick->innovations();
        $n = count($innovations);
        $products = $squares = 0.0;
        foreach ($innovations as $i => $one) {
            $squares += $one ** 2;
            $products += $i === 0 ? 0.0 : $one * $innovations[$i - 1];
        }

        return $n >= 10 && $squares > 0.0 && $products / $squares * sqrt($n) > self::FOLLOWING
            ? Text::wrap(
                'The readings do not run as a tank does that one change moves: something else went on in this time. '
                    .'Look at what else changed, or at a shorter time.',
            )
            : null;
    }

    /** What would log the water changes of the side that has none, as they are made on the other. */
    private static function lineFor(Question $question, Evidence $evidence, bool $isBefore): string
    {
        $share = array_sum(array_map(static fn (Dilution $one): float => $one->share, $evidence->dilutions))
            / max(1, count($evidence->dilutions));
        $first = $evidence->observations[0]->day ?? -1.0;
        $last = $evidence->observations[count($evidence->observations) - 1]->day ?? 1.0;
        $dayOf = static fn (float $day): string => $question->change->at
            ->modify(sprintf('%+d days', (int) round($day)))
            ->format('Y-m-d');

        return sprintf(
            '“water change %d %% weekly from %s to %s”',
            max(1, (int) round(100 * $share)),
            $dayOf($isBefore ? $first : 1.0),
            $dayOf($isBefore ? -1.0 : $last),
        );
    }

    /** @return array{float, float} share of readings in cloudy water on the cloudier side, and on the other */
    private static function cloudiness(Evidence $evidence): array
    {
        $share = static function (bool $since) use ($evidence): float {
            $side = array_filter(
                $evidence->observations,
                static fn (Observation $one): bool => ($one->day > 0.0) === $since,
            );

            return $side === []
                ? 0.0
                : count(array_filter($side, static fn (Observation $one): bool => $one->cloudy)) / count($side);
        };
        [$before, $since] = [$share(false), $share(true)];

        return [max($before, $since), min($before, $since)];
    }
}
