<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\Mixture;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Series;
use Ithys\Effect\Relaxed\Step;
use Ithys\Quantity\Text;

/**
 * What a change did, as far as the readings allow it to be said: whether the level stepped at once, whether more or
 * less comes in since, and what else may have stepped that nobody logged.
 *
 * Source: the verdict's method that ships with the project, section 9, in its order of answers.
 */
final readonly class Answer
{
    /** Odds that the change did something, from which a direction is told; our choice. */
    private const CLAIMED = 2.0;

    /** Odds from which so many more readings are said to show it. */
    private const PROMISED = 0.5;

    /**
     * @param  ?Interval  $input  change of what comes in, mg/L a day; null where it cannot be fitted
     * @param  ?Interval  $step  of the level at the change itself, mg/L; null where none is told
     * @param  ?array{Step, Interval}  $unlogged  a step elsewhere that is as good as sure, with its size in mg/L
     */
    private function __construct(
        public Verdict $verdict,
        public Text $says,
        public ?Interval $input = null,
        public ?Interval $step = null,
        /** What is told of the input alone. */
        public Verdict $ofInput = Verdict::CannotTellYet,
        public ?array $unlogged = null,
        /** How many more readings would show it; null where none would or none are needed. */
        public ?int $more = null,
        /** Null where it cannot be told. */
        public ?Likely $likely = null,
    ) {
    }

    public static function plain(Verdict $verdict, Text $says, ?Interval $input = null): self
    {
        return new self($verdict, $says, $input, null, $verdict);
    }

    /**
     * @param  array{withheld: ?Text, tooClose: ?Confounder, wanted: float, span: ?int}  $given  what stands in the way,
     *   the smallest change worth knowing in mg/L a day, and the days that are asked about
     */
    public static function of(Question $question, Evidence $evidence, ?RelaxedStick $stick, array $given): self
    {
        ['withheld' => $withheld, 'tooClose' => $tooClose, 'wanted' => $wanted, 'span' => $span] = $given;
        if ($stick === null || $withheld !== null || $tooClose !== null) {
            return new self(
                Verdict::CannotTellYet,
                $withheld ?? VerdictWords::notYet($question, $evidence, $stick, $tooClose, null),
                $stick?->difference(),
            );
        }
        $unlogged = $stick->unlogged();
        $change = $stick->change();
        [$input, $wide] = [$change->interval(), $stick->allowing()];
        if ($unlogged !== null && ! self::isApart($evidence, $unlogged[0])) {
            return new self(
                Verdict::CannotTellYet,
                Text::of(
                    '{step} It stands too near to this change to tell them apart.',
                    step: VerdictWords::unlogged($question, $unlogged),
                ),
                $wide,
                unlogged: $unlogged,
            );
        }
        $input = $unlogged === null ? $input : $wide;
        $ofInput = self::verdict($input, $wide, $wanted);
        $odds = $question->oddsBefore() * $stick->odds();
        $isClaimed = $odds >= self::CLAIMED;
        // An interval on one side of nothing is no claim where the odds are about even.
        $isFaint = ! $isClaimed && in_array($ofInput, [Verdict::Lower, Verdict::Higher], true);
        $ofInput = $isFaint ? Verdict::CannotTellYet : $ofInput;
        $step = $span === null && $isClaimed ? $stick->jump() : null;
        $step = $step !== null && ($step->high < 0.0 || $step->low > 0.0) ? $step : null;
        $verdict = match (true) {
            $step !== null => $step->high < 0.0 ? Verdict::Lower : Verdict::Higher,
            default => $ofInput,
        };
        $likely = new Likely(min($change->chance(), $step === null ? 1.0 : 1 - $stick->jumped()), $odds);
        $more = $verdict === Verdict::CannotTellYet && $span === null && ! $isFaint
            ? self::more($question, $evidence, $stick, $change, $wanted)
            : null;
        $says = match (true) {
            $isFaint => VerdictWords::faint($question, $input, $likely),
            $span !== null => VerdictWords::overSpan($stick, $span, $wanted, $question->litres),
            $step !== null => VerdictWords::stepped($question, $step, $ofInput, $input, $stick),
            $ofInput !== Verdict::CannotTellYet => VerdictWords::told($ofInput, $question, $evidence, $stick),
            default => VerdictWords::notYet($question, $evidence, $stick, null, $more),
        };
        $isSure = $ofInput === Verdict::Lower && $wide->high < 0.0
            || $ofInput === Verdict::Higher && $wide->low > 0.0;
        $elsewhere = $stick->elsewhere();
        if ($unlogged !== null) {
            $says = Text::of(
                '{step} Allowing for that: {says}',
                step: VerdictWords::unlogged($question, $unlogged),
                says: $says,
            );
        } elseif (in_array($ofInput, [Verdict::Lower, Verdict::Higher], true) && ! $isSure && $elsewhere !== null) {
            $says = Text::of('{says} {unless}', says: $says, unless: VerdictWords::unless($question, $elsewhere[0]));
        }

        return new self(
            $verdict,
            $says,
            $input,
            $step,
            $ofInput,
            $unlogged,
            $more,
            $likely,
        );
    }

    private static function verdict(Interval $input, Interval $wide, float $wanted): Verdict
    {
        return match (true) {
            $input->high < 0.0 => Verdict::Lower,
            $input->low > 0.0 => Verdict::Higher,
            $wide->liesWithin($wanted) => Verdict::NoDifferenceShown,
            default => Verdict::CannotTellYet,
        };
    }

    /** Whether readings lie between a step and the change, and beyond it. */
    private static function isApart(Evidence $evidence, Step $step): bool
    {
        $between = $beyond = 0;
        foreach ($evidence->observations as $one) {
            $isBetween = $step->day < 0.0
                ? $one->day > $step->day && $one->day <= 0.0
                : $one->day > 0.0 && $one->day < $step->day;
            $between += $isBetween ? 1 : 0;
            $beyond += ($step->day < 0.0 ? $one->day < $step->day : $one->day > $step->day) ? 1 : 0;
        }

        return min($between, $beyond) >= ChangeEffect::LEAST_PER_SIDE;
    }

    /** How many readings after the last, at the present spacing, would show the wanted size in most cases. */
    private static function more(
        Question $question,
        Evidence $evidence,
        RelaxedStick $stick,
        Mixture $change,
        float $wanted,
    ): ?int {
        if (min($evidence->before(), $evidence->after()) < ChangeEffect::LEAST_TO_PROMISE) {
            return null;
        }
        $most = Evidence::MOST_ON_A_SIDE - $evidence->after();
        $shows = static fn (int $more): bool => $stick->promise(
            self::longer($evidence, $question, $more),
            $change,
            $wanted,
        ) >= self::PROMISED;
        if ($most < 1 || ! $shows($most)) {
            return null;
        }
        // More readings show more: the least that do are found by halves.
        $few = 0;
        while ($most - $few > 1) {
            $middle = intdiv($few + $most, 2);
            $shows($middle) ? $most = $middle : $few = $middle;
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
                $dilutions[] = new Dilution($one->day + $weeks, $one->share, $one->source);
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
}
