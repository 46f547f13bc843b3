<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Journal\Entry;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWord;
use Ithys\Quantity\Text;

/** Why no answer may rest on what was read and logged. */
final class Withheld
{
    /** Innovations that go on in one direction by more than this are no chance (1 %). */
    private const FOLLOWING = 2.326;

    /** A side with less than this share of the other's days is not told ... */
    private const TOLD = 0.5;

    /** ... where less than this share of the water was changed as well. */
    private const HARDLY = 0.15;

    /** Water changes of a side that the log must lack, and their share of all of that side. */
    private const MANY = 2.0;

    private const LACKING = 0.35;

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
        $thin = self::thinSide($evidence);
        if ($thin !== null) {
            [$isBefore, $few, $many] = $thin;

            return Text::of(
                ($few === 0 ? 'No water change is logged ' : 'Only {few} of the water changes {are} logged ')
                    .($isBefore ? 'before this change and {n} since. ' : 'since this change and {n} before. ')
                    .'Whether more were made is not known, and it decides the answer. Log a line such as {line}, or '
                    .'{none} where there was none.',
                few: $few,
                are: $few === 1 ? 'is' : 'are',
                n: $many,
                line: self::lineFor($question, $evidence, $isBefore, false),
                none: self::lineFor($question, $evidence, $isBefore, true),
            );
        }
        $missed = self::missed($question, $evidence, $journal);
        if ($missed !== null) {
            return Text::of(
                'About {missed} of the water changes {side} seem not to be logged, and they decide the answer. Log '
                    .'them, or “{line}” where none is missing.',
                missed: $missed[1],
                side: $missed[0] ? 'before this change' : 'since this change',
                line: RoutineWord::goesOn(Repeated::Water)->line(),
            );
        }
        [$clouded, $clear] = self::cloudiness($evidence);
        if ($clouded >= self::MOSTLY && $clear < self::MOSTLY) {
            return Text::wrap(
                'Most readings on one side were taken in cloudy water, and few on the other. Bacteria hold nutrients '
                    .'while the water is cloudy and give them back: wait for clear water.',
            );
        }

        return self::misfit($stick);
    }

    /** Why a model does not carry an answer: its readings run in one direction; null where they run as it says. */
    public static function misfit(RelaxedStick $stick): ?Text
    {
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

    /**
     * The side whose water changes are hardly logged: far less water than on the other, on far fewer days. A day that
     * says that none was made counts as told.
     *
     * @return array{bool, int, int}|null whether it is the side before, how many are logged on it, and on the other
     */
    private static function thinSide(Evidence $evidence): ?array
    {
        $first = $evidence->observations[0]->day ?? 0.0;
        $last = $evidence->observations[count($evidence->observations) - 1]->day ?? 0.0;
        [$before, $since] = array_map(static function (bool $isBefore) use ($evidence, $first, $last): array {
            $side = array_filter(
                $evidence->dilutions,
                static fn (Dilution $one): bool => ($one->day <= 0.0) === $isBefore,
            );
            $days = max(1.0, $isBefore ? -$first : $last);

            return [
                count($side),
                count($side) / $days,
                array_sum(array_map(static fn (Dilution $one): float => $one->share, $side)) / $days,
            ];
        }, [true, false]);
        $isBefore = $before[1] < $since[1];
        [$thin, $full] = $isBefore ? [$before, $since] : [$since, $before];

        return $full[0] >= ChangeEffect::LEAST_PER_SIDE
            && $thin[1] < self::TOLD * $full[1]
            && $thin[2] < self::HARDLY * $full[2] ? [$isBefore, $thin[0], $full[0]] : null;
    }

    /**
     * The side of which the routine says that many water changes are missing in the log, far more than on the other;
     * null where neither is, or where it was said that none is missing.
     *
     * @param  list<Entry>  $journal
     * @return ?array{bool, int} whether it is the side before, and how many
     */
    private static function missed(Question $question, Evidence $evidence, array $journal): ?array
    {
        foreach ($journal as $entry) {
            $word = $entry->payload;
            if ($word instanceof RoutineWord && $word->goesOn && $word->of === Repeated::Water) {
                return null;
            }
        }
        $change = $question->change->at->getTimestamp();
        $days = [-($evidence->observations[0]->day ?? 0.0), $evidence->observations[count($evidence->observations) - 1]
            ->day ?? 0.0];
        $missed = [0.0, 0.0];
        foreach ($question->also->missed as [$from, $to, $many]) {
            foreach ([[-86_400 * $days[0], 0.0], [0.0, 86_400 * $days[1]]] as $side => [$begin, $end]) {
                $within = min($to - $change, $end) - max($from - $change, $begin);
                $missed[$side] += $to > $from ? $many * max(0.0, $within) / ($to - $from) : 0.0;
            }
        }
        $side = $missed[0] > $missed[1] ? 0 : 1;
        $logged = count(array_filter(
            $evidence->dilutions,
            static fn (Dilution $one): bool => ($one->day <= 0.0) === ($side === 0),
        ));

        return $missed[$side] >= self::MANY && $missed[$side] >= self::LACKING * ($logged + $missed[$side])
            && $missed[1 - $side] < $missed[$side] / 2
                ? [$side === 0, (int) round($missed[$side])]
                : null;
    }

    /** What would log the water changes of the side that has few, as they are made on the other, or that none was. */
    private static function lineFor(Question $question, Evidence $evidence, bool $isBefore, bool $isNone): string
    {
        $made = array_filter(
            $evidence->dilutions,
            static fn (Dilution $one): bool => ($one->day <= 0.0) !== $isBefore && $one->share > 0.0,
        );
        $share = array_sum(array_map(static fn (Dilution $one): float => $one->share, $made)) / max(1, count($made));
        $first = $evidence->observations[0]->day ?? -1.0;
        $last = $evidence->observations[count($evidence->observations) - 1]->day ?? 1.0;
        $dayOf = static fn (float $day): string => $question->change->at
            ->modify(sprintf('%+d days', (int) round($day)))
            ->format('Y-m-d');

        return sprintf(
            '“%s from %s to %s”',
            $isNone ? 'no water changes' : sprintf('water change %d %% weekly', max(1, (int) round(100 * $share))),
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
