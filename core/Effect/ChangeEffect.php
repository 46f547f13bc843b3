<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\Relaxed\Course;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Finding;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Severity;
use Ithys\Statistics\SingularFit;
use Ithys\Statistics\TheilSen;

/**
 * What did a change do? A model of the readings with loss, dilution and a wandering input, and one of four honest
 * answers.
 *
 * Method: {@see RelaxedStick}; Student's t for the interval; residual variance never below what the kit itself resolves
 * (a uniform rounding error of one step has variance step²/12).
 */
final class ChangeEffect
{
    /** Readings each side needs before a rate means anything. Ours, an estimate. */
    public const LEAST_PER_SIDE = 3;

    /** Readings within a span and after it, so that both can be told. */
    private const LEAST_IN_SPAN = 2;

    /** With fewer on a side, nothing is promised of more. */
    public const LEAST_TO_PROMISE = 4;

    /** A charge that works fast shows in these times. */
    private const FIRST_DAYS = [10, 21];

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time; see {@see self::lookBackDays()} for
     *   how far
     * @param  ?int  $spanDays  days since it settled over which it is asked about; null for all of the time since
     */
    public static function judge(Question $question, array $journal, ?int $spanDays = null): Judgement
    {
        $journal = array_values(array_filter(
            $journal,
            static fn (Entry $entry): bool => $question->covers($entry) || $question->isWearing($entry),
        ));
        $evidence = Evidence::gather($question, $journal);
        $confounders = Confounders::find($question, $journal);
        $resolution = $evidence->resolution();
        $wanted = $question->wantedShare * max($evidence->level(), $resolution) / 28;
        $tooClose = OtherChanges::tooClose($evidence, $confounders);
        $stick = self::stick($question, $evidence, OtherChanges::told($evidence, $confounders), $spanDays);
        $answer = Answer::of($question, $evidence, $stick, [
            'withheld' => Withheld::reason($question, $evidence, $stick, $journal),
            'tooClose' => $tooClose,
            'wanted' => $wanted,
            'span' => $stick === null || $stick->later() === null ? null : $spanDays,
        ]);

        return new Judgement(
            $question,
            $answer,
            $stick === null || $answer->input === null
                ? null
                : new Rates(
                    $stick->gain(false)->times($question->litres),
                    $stick->gain(true)->times($question->litres),
                    $answer->input->times($question->litres),
                    self::secondOpinion($question, $evidence),
                    $answer->step?->times($question->litres),
                ),
            new Readings($evidence->before(), $evidence->after(), $answer->more, max([
                0.0,
                ...$evidence->daysFromKnot(),
            ])),
            $wanted * $question->litres,
            $stick === null ? [] : self::line($stick),
            [
                ...$spanDays !== null || $answer->verdict !== Verdict::CannotTellYet || $tooClose !== null
                    ? []
                    : self::fast($question, $journal),
                ...ReadWithCare::of($question, $evidence, $stick, $confounders),
            ],
        );
    }

    /**
     * Days of journal before a change that a judgement needs: the window, or as long as an earlier medium may still
     * wear out.
     */
    public static function lookBackDays(int $windowDays, Assumptions $assumptions): int
    {
        return max($windowDays, (int) $assumptions->value(Assumed::MediaWear));
    }

    /** @param  list<float>  $others  days of other changes that have a column of their own */
    private static function stick(
        Question $question,
        Evidence $evidence,
        array $others,
        ?int $spanDays,
    ): ?RelaxedStick {
        if ($evidence->before() < self::LEAST_PER_SIDE || $evidence->after() < self::LEAST_PER_SIDE) {
            return null;
        }
        try {
            return RelaxedStick::of(
                $evidence->series($question),
                new Course(
                    $evidence->settlingDays,
                    $others,
                    self::spanEnds($evidence, $spanDays) ?? INF,
                ),
                $evidence->level(),
                $evidence->resolution(),
                $question->assumptions->value(Assumed::TankWander),
            );
        } catch (SingularFit) {
            // Readings bunched on one day fix no rate; the answer is that it cannot be told.
            return null;
        }
    }

    /** The day on which the span that is asked for ends; null without one, or where no reading comes after it. */
    private static function spanEnds(Evidence $evidence, ?int $spanDays): ?float
    {
        $end = $spanDays === null ? INF : $evidence->settlingDays + $spanDays;

        return self::within($evidence, $evidence->settlingDays, $end) < self::LEAST_IN_SPAN
            || self::within($evidence, $end, INF) < self::LEAST_IN_SPAN
                ? null
                : $end;
    }

    private static function within(Evidence $evidence, float $from, float $to): int
    {
        return count(array_filter(
            $evidence->observations,
            static fn (Observation $one): bool => $one->day > $from && $one->day <= $to,
        ));
    }

    /**
     * A medium may have worked fast and worn out, which no average over all of the time shows.
     *
     * @param  list<Entry>  $journal
     * @return list<Finding>
     */
    private static function fast(Question $question, array $journal): array
    {
        if (! $question->change->payload instanceof MediaCharge) {
            return [];
        }
        foreach (self::FIRST_DAYS as $days) {
            $early = self::judge($question, $journal, $days);
            if ($early->verdict === Verdict::Lower || $early->verdict === Verdict::Higher) {
                return [Finding::of(Severity::Remark, 'early', 'At first it did something', $early->answer->says)];
            }
        }

        return [];
    }

    /** The difference by the median of slopes through the undiluted amounts, mg a day. */
    private static function secondOpinion(Question $question, Evidence $evidence): ?float
    {
        $series = $evidence->undiluted($question);
        $slope = static function (bool $since) use ($evidence, $series): ?float {
            $side = array_keys(array_filter(
                $evidence->observations,
                static fn (Observation $one): bool => ($one->day > 0.0) === $since,
            ));

            return TheilSen::slope(
                array_map(static fn (int $i): float => $evidence->observations[$i]->day, $side),
                array_map(static fn (int $i): float => $series->milligrams[$i], $side),
            );
        };
        [$before, $since] = [$slope(false), $slope(true)];

        return $before === null || $since === null ? null : $since - $before;
    }

    /** @return list<array{day: float, ppm: float}> */
    private static function line(RelaxedStick $stick): array
    {
        return array_map(
            static fn (float $day, float $level): array => ['day' => $day, 'ppm' => max(0.0, $level)],
            $stick->series->days,
            $stick->fitted(),
        );
    }
}
