<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\Relaxed\Course;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Series;
use Ithys\Finding;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
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
    private const LEAST_PER_SIDE = 3;

    /** Readings within a span and after it, so that both can be told. */
    private const LEAST_IN_SPAN = 2;

    /** With fewer on a side, nothing is promised of more. */
    private const LEAST_TO_PROMISE = 4;

    private const MOST_MORE = 60;

    /** Share of a side that makes it cloudy. */
    private const MOSTLY = 0.5;

    /** Days without a reading around a change that are worth a word. */
    private const LONG_GAP = 14.0;

    /** A charge that works fast shows in these times. */
    private const FIRST_DAYS = [10, 21];

    /** Innovations that go on in one direction by more than this are no chance (1 %). */
    private const FOLLOWING = 2.326;

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time; see {@see self::lookBackDays()} for
     *   how far
     * @param  ?int  $spanDays  days since it settled over which it is asked about; null for all of the time since
     */
    public static function judge(Question $question, array $journal, ?int $spanDays = null): Judgement
    {
        $evidence = Evidence::gather($question, $journal);
        $confounders = Confounders::find($question, $journal);
        $resolution = $evidence->resolution();
        $wanted = $question->wantedShare * max($evidence->level(), $resolution) / 28;
        $tooClose = self::tooClose($evidence, $confounders);
        $stick = self::stick($question, $evidence, self::apart($evidence, $confounders), $spanDays);
        $difference = $stick?->difference()->times($question->litres);
        $withheld = self::withheld($question, $evidence, $stick, $journal);
        $verdict = $withheld === null && $tooClose === null
            ? self::verdict($difference, $wanted * $question->litres)
            : Verdict::CannotTellYet;
        $span = $stick === null || $stick->later() === null ? null : $spanDays;
        $more = $verdict === Verdict::CannotTellYet && $tooClose === null && $withheld === null && $span === null
            ? self::moreReadings($question, $evidence, $stick, $wanted)
            : null;

        return new Judgement(
            $question,
            $verdict,
            $withheld ?? ($span === null || $tooClose !== null
                ? self::sentence($verdict, $question, $evidence, $stick, $tooClose, $more)
                : self::overSpan($stick, $span, $wanted, $question->litres)),
            $stick === null || $difference === null
                ? null
                : new Rates(
                    $stick->gain(false)->times($question->litres),
                    $stick->gain(true)->times($question->litres),
                    $difference,
                    self::secondOpinion($question, $evidence),
                ),
            new Readings($evidence->before(), $evidence->after(), $more),
            $wanted * $question->litres,
            $stick === null ? [] : self::line($stick),
            [
                ...self::expectation($question, $evidence, $difference),
                ...self::setAside($evidence, $stick),
                ...self::gap($evidence),
                ...$spanDays !== null || $verdict !== Verdict::CannotTellYet || $tooClose !== null
                    ? []
                    : self::fast($question, $journal),
                ...self::findings($question, $evidence, $confounders),
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

    private static function verdict(?Interval $difference, float $wanted): Verdict
    {
        return match (true) {
            $difference === null => Verdict::CannotTellYet,
            $difference->high < 0.0 => Verdict::Lower,
            $difference->low > 0.0 => Verdict::Higher,
            $difference->liesWithin($wanted) => Verdict::NoDifferenceShown,
            default => Verdict::CannotTellYet,
        };
    }

    /**
     * Why no answer may rest on these readings, whatever the model makes of them; null where nothing stands against it.
     *
     * @param  list<Entry>  $journal
     */
    private static function withheld(
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
        if (min($before, $since) === 0 && max($before, $since) >= self::LEAST_PER_SIDE) {
            return Text::of(
                $before === 0
                    ? 'No water change is logged before this change and {n} since. Whether none was made is not known, '
                        .'and it decides the answer: log or import those before.'
                    : 'No water change is logged since this change and {n} before. Whether none was made is not known, '
                        .'and it decides the answer: log those since.',
                n: max($before, $since),
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

    /** @return list<Finding> where nobody looked around the change */
    private static function gap(Evidence $evidence): array
    {
        $days = array_map(static fn (Observation $one): float => $one->day, $evidence->observations);
        $before = array_filter($days, static fn (float $day): bool => $day <= 0.0);
        $since = array_filter($days, static fn (float $day): bool => $day > 0.0);
        if ($before === [] || $since === []) {
            return [];
        }
        $from = max($before);
        $to = min($since);

        return $to - $from <= max(self::LONG_GAP, 3 * $evidence->spacing())
            ? []
            : [
                Finding::of(
                    Severity::Caution,
                    'gap',
                    'Nobody looked around the change',
                    Text::of(
                        'No reading from {before} days before to {since} days after it: what went on then is not seen.',
                        before: (int) round(-$from),
                        since: (int) round($to),
                    ),
                ),
            ];
    }

    /**
     * The change that cannot be told apart from this one: fewer than three readings lie between, or less than it takes
     * to settle.
     *
     * @param  list<Confounder>  $confounders
     */
    private static function tooClose(Evidence $evidence, array $confounders): ?Confounder
    {
        foreach ($confounders as $confounder) {
            if (
                $confounder->day !== null
                && ! $confounder->wears
                && self::beyond($evidence, $confounder->day) > 0
                && (self::between($evidence, $confounder->day) < self::LEAST_PER_SIDE
                    || abs($confounder->day) < $evidence->settlingDays)
            ) {
                return $confounder;
            }
        }

        return null;
    }

    /**
     * @param  list<Confounder>  $confounders
     * @return list<float> days of changes with three readings on either side of them and of this one
     */
    private static function apart(Evidence $evidence, array $confounders): array
    {
        $days = [];
        foreach ($confounders as $confounder) {
            if (
                $confounder->day !== null
                && ! $confounder->wears
                && self::between($evidence, $confounder->day) >= self::LEAST_PER_SIDE
                && self::beyond($evidence, $confounder->day) >= self::LEAST_PER_SIDE
            ) {
                $days[] = $confounder->day;
            }
        }

        return $days;
    }

    /** Readings between the change and another one. */
    private static function between(Evidence $evidence, float $day): int
    {
        return count(array_filter(
            $evidence->observations,
            static fn (Observation $one): bool => $one->day > min(0.0, $day) && $one->day <= max(0.0, $day),
        ));
    }

    /** Readings on the far side of another change. */
    private static function beyond(Evidence $evidence, float $day): int
    {
        return count(array_filter(
            $evidence->observations,
            static fn (Observation $one): bool => $day > 0.0 ? $one->day > $day : $one->day <= $day,
        ));
    }

    /** How many readings after the last, at the present spacing, would show the wanted size at 80 % power. */
    private static function moreReadings(
        Question $question,
        Evidence $evidence,
        ?RelaxedStick $stick,
        float $wanted,
    ): ?int {
        if ($stick === null || min($evidence->before(), $evidence->after()) < self::LEAST_TO_PROMISE) {
            return null;
        }
        $shows = static fn (int $more): bool => $stick->wouldShow(self::longer($evidence, $question, $more), $wanted);
        $most = 1;
        while ($most < self::MOST_MORE && ! $shows($most)) {
            $most = min(self::MOST_MORE, 2 * $most);
        }
        if ($most === self::MOST_MORE && ! $shows($most)) {
            return null;
        }
        $least = intdiv($most, 2);
        while ($most - $least > 1) {
            $middle = intdiv($least + $most, 2);
            $shows($middle) ? $most = $middle : $least = $middle;
        }

        return $most;
    }

    /** The readings with so many more at their spacing, and the water changes going on as in the last four weeks. */
    private static function longer(Evidence $evidence, Question $question, int $more): Series
    {
        $series = $evidence->series($question);
        $last = $series->days[count($series->days) - 1];
        $days = $series->days;
        for ($n = 1; $n <= $more; $n++) {
            $days[] = $last + $n * $evidence->spacing();
        }
        $end = $last + $more * $evidence->spacing();
        $dilutions = array_values(array_filter(
            $evidence->dilutions,
            static fn (Dilution $one): bool => $one->day <= $last,
        ));
        $recent = array_filter($dilutions, static fn (Dilution $one): bool => $one->day > $last - 28);
        for ($weeks = 28; $last - 28 + $weeks < $end; $weeks += 28) {
            foreach ($recent as $one) {
                $dilutions[] = new Dilution($one->day + $weeks, $one->share);
            }
        }

        return new Series(
            $days,
            array_fill(0, count($days), 0.0),
            [...$series->scatter, ...array_fill(0, $more, 1.0)],
            array_fill(0, count($days), 0.0),
            $dilutions,
        );
    }

    private static function sentence(
        Verdict $verdict,
        Question $question,
        Evidence $evidence,
        ?RelaxedStick $stick,
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
                : Text::of(
                    $verdict === Verdict::Lower
                        ? 'Less comes in, on average over the {days} days since, before water changes.{direction}'
                        : 'More comes in, on average over the {days} days since, before water changes.{direction}',
                    days: (int) round(($evidence->observations[count($evidence->observations) - 1]->day ?? 0.0)),
                    direction: self::direction($verdict, $stick->gain(false), $stick->gain(true)),
                );
        }
        if ($tooClose !== null) {
            return Text::of(
                'Two changes this close cannot be told apart. The other: {other}',
                other: $tooClose->sentence,
            );
        }
        if ($evidence->before() + $evidence->after() === 0) {
            return Text::of('No {nutrient} was read around this change.', nutrient: $question->parameter->label());
        }
        if ($evidence->before() < self::LEAST_PER_SIDE) {
            return Text::of(
                'Only {before} readings before the change; at least {least} are needed, and later ones cannot replace '
                    .'them.',
                before: $evidence->before(),
                least: self::LEAST_PER_SIDE,
            );
        }
        if ($stick === null) {
            return Text::of(
                'Only {after} readings since the change has settled; at least {least} are needed.',
                after: $evidence->after(),
                least: self::LEAST_PER_SIDE,
            );
        }
        if (min($evidence->before(), $evidence->after()) < self::LEAST_TO_PROMISE) {
            return Text::of(
                '{before} readings before and {after} since are too few to say what more would show.',
                before: $evidence->before(),
                after: $evidence->after(),
            );
        }
        if ($more === null) {
            return Text::of(
                'This tank and its kit scatter too much: even {most} more readings at this spacing would not show '
                    .'{share} of the level in four weeks.',
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

    /** What came in more or less over a span, in all, and what since. */
    private static function overSpan(RelaxedStick $stick, int $days, float $wanted, float $litres): Text
    {
        $in = $stick->difference();
        $later = $stick->later() ?? $in;
        $all = $in->times($days * $litres);
        $figures = [
            'days' => $days,
            'mg' => Quantity::number(abs($all->estimate), abs($all->estimate) < 10 ? 1 : 0),
            'least' => Quantity::number(min(abs($all->low), abs($all->high)), abs($all->estimate) < 10 ? 1 : 0),
            'most' => Quantity::number(max(abs($all->low), abs($all->high)), abs($all->estimate) < 10 ? 1 : 0),
        ];
        $since = match (true) {
            $later->high < 0.0 => 'Since then less comes in than before the change.',
            $later->low > 0.0 => 'Since then more comes in than before the change.',
            $later->liesWithin($wanted) => 'Since then it does no more.',
            default => 'What it does since then cannot be told.',
        };

        return Text::of('{first} {since}', first: match (true) {
            $in->high < 0.0 => Text::of(
                'Over its first {days} days {mg} mg less came in, 95 % {least} to {most}.',
                ...$figures,
            ),
            $in->low > 0.0 => Text::of(
                'Over its first {days} days {mg} mg more came in, 95 % {least} to {most}.',
                ...$figures,
            ),
            $in->liesWithin($wanted) => Text::of(
                'Over its first {days} days it did nothing worth knowing.',
                ...$figures,
            ),
            default => Text::of('What it did over its first {days} days cannot be told.', ...$figures),
        }, since: $since);
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
                return [Finding::of(Severity::Remark, 'early', 'At first it did something', $early->sentence)];
            }
        }

        return [];
    }

    /** Where each side itself leaves no doubt: " The tank was gaining; since this change it loses." */
    private static function direction(Verdict $verdict, Interval $before, Interval $since): string
    {
        return match (true) {
            $before->low > 0.0 && $since->high < 0.0 => ' The tank was gaining; since this change it loses.',
            $before->high < 0.0 && $since->low > 0.0 => ' The tank was losing; since this change it gains.',
            $since->high < 0.0 => $verdict === Verdict::Lower ? ' The tank loses now.' : ' The tank still loses.',
            $since->low > 0.0 => $verdict === Verdict::Lower ? ' The tank still gains.' : ' The tank gains now.',
            default => '',
        };
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

    /** @return list<Finding> readings that lie too far off the others to be counted */
    private static function setAside(Evidence $evidence, ?RelaxedStick $stick): array
    {
        return array_map(
            static fn (int $i): Finding => Finding::of(
                Severity::Caution,
                'outlier',
                'A reading set aside',
                Text::of(
                    '{level}, {when} the change, lies too far off the others: look whether it was misread.',
                    level: Quantity::ppm($evidence->observations[$i]->mgPerLitre),
                    when: Confounder::when($evidence->observations[$i]->day),
                ),
            ),
            $stick->outliers ?? [],
        );
    }

    /** @return list<Finding> what the charge could do, beside what it did */
    private static function expectation(Question $question, Evidence $evidence, ?Interval $difference): array
    {
        $budget = ChargeBudget::of($question, $evidence->level());
        if ($budget === null || $difference === null) {
            return [];
        }
        $days = $evidence->daysFromKnot();

        return [
            $budget->finding(
                -$difference->estimate * max(0.0, $days[count($days) - 1]),
                $evidence->level(),
                $question->litres,
            ),
        ];
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
        if ($evidence->unnamed() > 0) {
            $findings[] = Finding::of(
                Severity::Caution,
                'method-unnamed',
                'Kit not named',
                $readings($evidence->unnamed()).' without the kit it was read by, taken for one by the usual kit.',
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
