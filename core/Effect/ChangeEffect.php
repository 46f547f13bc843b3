<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Journal\Entry;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Statistics\SingularFit;

/**
 * What did a change do? A broken stick through the undiluted amounts, and one of four honest answers.
 *
 * Method: interrupted time series by least squares with a continuous level and a change of slope at the moment the
 * lever has settled; Student's t for the interval; residual variance never below what the kit itself resolves (a
 * uniform rounding error of one step has variance step²/12).
 */
final class ChangeEffect
{
    /** Readings each side needs before a slope means anything. Ours, an estimate. */
    private const LEAST_PER_SIDE = 3;

    private const MOST_MORE = 60;

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time; see {@see self::lookBackDays()} for
     *   how far
     */
    public static function judge(Question $question, array $journal): Judgement
    {
        $evidence = Evidence::gather($question, $journal);
        $confounders = Confounders::find($question, $journal);
        $series = $evidence->undiluted($question);
        $floor = ($question->litres * $evidence->resolution()) ** 2 / 12;
        $wanted = $question->wantedShare * max($evidence->level(), $evidence->resolution()) * $question->litres / 28;

        $stick = null;
        if ($evidence->before() >= self::LEAST_PER_SIDE && $evidence->after() >= self::LEAST_PER_SIDE) {
            try {
                $stick = BrokenStick::of($evidence->daysFromKnot(), $series->milligrams, $floor);
            } catch (SingularFit) {
                // Readings bunched on one day fix no slope; the answer is that it cannot be told.
            }
        }
        $tooClose = self::tooClose($evidence, $confounders);
        $verdict = self::verdict($stick, $tooClose, $wanted);
        $more
            = $verdict === Verdict::CannotTellYet && $tooClose === null
                ? self::moreReadings($question, $evidence, $stick, $wanted)
                : null;

        return new Judgement(
            $question,
            $verdict,
            self::sentence($verdict, $question, $evidence, $stick, $tooClose, $more),
            $stick === null
                ? null
                : new Rates($stick->slopeBefore(), $stick->slopeAfter(), $stick->difference()),
            new Readings($evidence->before(), $evidence->after(), $more),
            $wanted,
            $stick === null ? [] : self::line($evidence, $series, $stick, $question->litres),
            [...self::expectation($question, $evidence, $stick), ...self::findings($question, $evidence, $confounders)],
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

    private static function verdict(?BrokenStick $stick, ?Confounder $tooClose, float $wanted): Verdict
    {
        $difference = $stick?->difference();

        return match (true) {
            $difference === null || $tooClose !== null => Verdict::CannotTellYet,
            $difference->high < 0.0 => Verdict::Lower,
            $difference->low > 0.0 => Verdict::Higher,
            $difference->liesWithin($wanted) => Verdict::NoDifferenceShown,
            default => Verdict::CannotTellYet,
        };
    }

    /**
     * The change that cannot be told apart from this one: closer than the settling time or than two readings.
     *
     * @param  list<Confounder>  $confounders
     */
    private static function tooClose(Evidence $evidence, array $confounders): ?Confounder
    {
        $apart = max($evidence->settlingDays, 2 * $evidence->spacing());
        foreach ($confounders as $confounder) {
            if ($confounder->day !== null && abs($confounder->day) < $apart) {
                return $confounder;
            }
        }

        return null;
    }

    /** How many readings after the last, at the present spacing, would show the wanted size at 80 % power. */
    private static function moreReadings(
        Question $question,
        Evidence $evidence,
        ?BrokenStick $stick,
        float $wanted,
    ): ?int {
        if ($evidence->before() < self::LEAST_PER_SIDE) {
            return null;
        }
        $spacing = $evidence->spacing();
        $days = $evidence->daysFromKnot();
        $day = max(0.0, end($days) ?: 0.0);
        $variance = $stick->variance ?? max(($question->litres * $evidence->resolution()) ** 2 / 12, 1e-12);
        $after = $evidence->after();
        for ($more = 1; $more <= self::MOST_MORE; $more++) {
            $days[] = $day += $spacing;
            $detectable = ++$after < self::LEAST_PER_SIDE ? null : BrokenStick::detectable($days, $variance);
            if ($detectable !== null && $detectable <= $wanted) {
                return $more;
            }
        }

        return null;
    }

    private static function sentence(
        Verdict $verdict,
        Question $question,
        Evidence $evidence,
        ?BrokenStick $stick,
        ?Confounder $tooClose,
        ?int $more,
    ): Text {
        $share = Quantity::share($question->wantedShare, null);
        if ($verdict !== Verdict::CannotTellYet && $stick !== null) {
            return $verdict === Verdict::NoDifferenceShown
                ? Text::of(
                    'If this change did anything, it was less than {share} of the level in four weeks.',
                    share: $share,
                )
                : Text::wrap(self::direction($stick->slopeBefore()->estimate, $stick->slopeAfter()->estimate));
        }
        if ($tooClose !== null) {
            return Text::of(
                'Two changes this close cannot be told apart. The other: {other}',
                other: $tooClose->sentence,
            );
        }
        if ($evidence->before() < self::LEAST_PER_SIDE) {
            return Text::of(
                'Only {before} readings before the change; at least {least} are needed, and later ones cannot replace '
                    .'them.',
                before: $evidence->before(),
                least: self::LEAST_PER_SIDE,
            );
        }
        if ($more === null) {
            return Text::of(
                'Even {most} more readings at this spacing would not show {share} of the level in four weeks; a finer '
                    .'kit or a bigger change would.',
                most: self::MOST_MORE,
                share: $share,
            );
        }
        $last = $evidence->observations[count($evidence->observations) - 1] ?? null;
        $days = ($last->day ?? 0.0) + $more * $evidence->spacing();

        return Text::of(
            match (true) {
                $days <= $evidence->lastDay => '{how} would show {share} of the level in four weeks.',
                $evidence->lastDay < $question->windowDays => '{how} would have been needed before the next phosphate '
                    .'charge to show {share} of the level in four weeks.',
                default => '{how} would be needed to show {share} of the level in four weeks; widen the window, or '
                    .'measure more often next time.',
            },
            how: $more === 1
                ? 'One more reading'
                : Text::of(
                    '{more} more readings every {days} days',
                    more: $more,
                    days: Quantity::number($evidence->spacing(), 1),
                ),
            share: $share,
        );
    }

    private static function direction(float $before, float $since): string
    {
        return match (true) {
            $before > 0 && $since < 0 => 'The tank was gaining; since this change it loses.',
            $before < 0 && $since > 0 => 'The tank was losing; since this change it gains.',
            $since < $before && $before > 0 => 'The tank still gains, but more slowly than before.',
            $since < $before => 'The tank was losing already; since this change it loses faster.',
            $before > 0 => 'The tank was gaining already; since this change it gains faster.',
            default => 'The tank still loses, but more slowly than before.',
        };
    }

    /** @return list<Finding> what the charge could do, beside what it did */
    private static function expectation(Question $question, Evidence $evidence, ?BrokenStick $stick): array
    {
        $budget = ChargeBudget::of($question, $evidence->level());
        if ($budget === null || $stick === null) {
            return [];
        }
        $days = $evidence->daysFromKnot();

        return [
            $budget->finding(
                -$stick->difference()->estimate * max(0.0, $days[count($days) - 1]),
                $evidence->level(),
                $question->litres,
            ),
        ];
    }

    /** @return list<array{day: float, ppm: float}> */
    private static function line(Evidence $evidence, UndilutedSeries $series, BrokenStick $stick, float $litres): array
    {
        $line = [];
        foreach ($evidence->daysFromKnot() as $i => $day) {
            $line[] = [
                'day' => $evidence->observations[$i]->day,
                'ppm' => max(0.0, ($stick->at($day) - $series->removed[$i]) / $litres),
            ];
        }

        return $line;
    }

    /**
     * @param  list<Confounder>  $confounders
     * @return list<Finding>
     */
    private static function findings(Question $question, Evidence $evidence, array $confounders): array
    {
        $findings = array_map(
            static fn (Confounder $c): Finding => Finding::of(
                Severity::Caution,
                'confounder',
                'Also changed',
                $c->sentence,
            ),
            $confounders,
        );
        if (array_filter($confounders, static fn (Confounder $c): bool => $c->wears && $c->day < 0.0) !== []) {
            $findings[] = Finding::of(
                Severity::Caution,
                'wearing-medium',
                'Medium wearing out',
                'A phosphate medium put in before still wears out in this time and bends the phosphate curve.',
                $question->assumptions->of(Assumed::MediaWear),
            );
        }
        $cloudy = count(array_filter($evidence->observations, static fn (Observation $o): bool => $o->cloudy));
        $below = count(array_filter($evidence->observations, static fn (Observation $o): bool => $o->belowLimit));
        $readings = static fn (int $n): string => $n === 1 ? 'One reading' : "{$n} readings";
        if ($cloudy > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'cloudy',
                'Cloudy water',
                $readings($cloudy)
                    .' in cloudy water: bacteria hold nutrients then, so a fall may be biomass, not export.',
            );
        }
        if ($below > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'below-limit',
                'Below the kit',
                $readings($below).' below the limit of the kit, counted as half of it.',
                $question->assumptions->of(Assumed::BelowLimit),
            );
        }
        if ($evidence->otherMethod > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'method-changed',
                'Method changed',
                $readings($evidence->otherMethod).' by another method left out; a new kit starts a new series.',
            );
        }
        if ($evidence->beyondCharge > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'beyond-charge',
                'Window shortened',
                $readings($evidence->beyondCharge).' on the far side of another phosphate charge left out.',
                $question->assumptions->of(Assumed::MediaWear),
            );
        }
        if ($evidence->settling > 0) {
            $findings[] = Finding::of(
                Severity::Remark,
                'settling',
                'Settling',
                $readings($evidence->settling).' left out while the change settled.',
                $question->settling($question->change->kind()),
            );
        }
        if ($evidence->dilutions !== []) {
            $n = count($evidence->dilutions);
            $findings[] = Finding::of(
                Severity::Remark,
                'dilution-undone',
                'Dilution undone',
                ($n === 1 ? 'One water change' : "{$n} water changes").' in the window undone first.',
                $question->assumptions->of(Assumed::SourceWater),
            );
        }

        return $findings;
    }
}
