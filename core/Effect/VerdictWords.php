<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Step;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A verdict in a sentence that says no more than its intervals. */
final class VerdictWords
{
    /**
     * The level stepped at once; and what is known of what comes in since.
     *
     * @param  Interval  $step  of the level, mg/L
     * @param  Interval  $input  mg/L a day
     */
    public static function stepped(
        Question $question,
        Interval $step,
        Verdict $ofInput,
        Interval $input,
        RelaxedStick $stick,
    ): Text {
        $perDay = $input->times($question->litres);
        $number = static fn (float $mg): Quantity => Quantity::number($mg, abs($mg) < 10 ? 1 : 0);

        return Text::of('{step} {since}', step: Text::of(
            $step->estimate < 0.0
                ? '{nutrient!} fell at once by {range}, if the kit was not changed that day.'
                : '{nutrient!} rose at once by {range}, if the kit was not changed that day.',
            nutrient: $question->parameter->label(),
            range: self::size($step),
        ), since: match ($ofInput) {
            Verdict::Lower => Text::of(
                'Since then less comes in, too.{direction}',
                direction: self::direction($ofInput, $stick->gain(false), $stick->gain(true)),
            ),
            Verdict::Higher => Text::of(
                'Since then more comes in.{direction}',
                direction: self::direction($ofInput, $stick->gain(false), $stick->gain(true)),
            ),
            Verdict::NoDifferenceShown => Text::of(
                'What it does beyond that is less than {share} of the level in four weeks.',
                share: Quantity::share($question->wantedShare, null),
            ),
            Verdict::CannotTellYet => Text::of(
                'What comes in since is not clear: {low} to {high} mg a day.',
                low: $number($perDay->low),
                high: $number($perDay->high),
            ),
        });
    }

    /** @param  array{Step, Interval}  $unlogged */
    public static function unlogged(Question $question, array $unlogged): Text
    {
        [$step, $size] = $unlogged;

        return Text::of(
            '{nutrient!} stepped by {range} around {day}, and the journal does not say why: a water change, a new test '
                .'kit, or a slip in the log of that day?',
            nutrient: $question->parameter->label(),
            range: self::size($size),
            day: self::day($question, $step),
        );
    }

    public static function unless(Question $question, Step $elsewhere): Text
    {
        return Text::of(
            'Unless something stepped around {day} that is not in the journal.',
            day: self::day($question, $elsewhere),
        );
    }

    private static function day(Question $question, Step $step): string
    {
        return $question->change->at
            ->modify(sprintf('%+d seconds', (int) round(86_400 * $step->day)))
            ->format('j F');
    }

    /** No finer than its interval. */
    private static function size(Interval $step): Text
    {
        $ends = [abs($step->low), abs($step->high)];
        $finest = (int) -floor(log10(max(1e-9, max($ends) - min($ends))));
        $ppm = static fn (float $size): Quantity => Quantity::number(round($size, $finest), max(0, $finest));

        return Text::of(
            'about {size} ppm (95 %: {least} to {most})',
            size: $ppm(abs($step->estimate)),
            least: $ppm(min($ends)),
            most: $ppm(max($ends)),
        );
    }

    public static function told(Verdict $verdict, Question $question, Evidence $evidence, RelaxedStick $stick): Text
    {
        return $verdict === Verdict::NoDifferenceShown
            ? Text::of(
                'If this change did anything, it was less than {share} of the level in four weeks.',
                share: Quantity::share($question->wantedShare, null),
            )
            : Text::of(
                $verdict === Verdict::Lower
                    ? 'Less comes in, on average over the {days} days since, before water changes.{direction}'
                    : 'More comes in, on average over the {days} days since, before water changes.{direction}',
                days: (int) round(($evidence->observations[count($evidence->observations) - 1]->day ?? 0.0)),
                direction: self::direction($verdict, $stick->gain(false), $stick->gain(true)),
            );
    }

    /** The readings lean one way, and not far enough to say so. */
    public static function faint(Question $question, Interval $input, Likely $likely): Text
    {
        return Text::of(
            $input->high < 0.0
                ? 'The readings lean to lower, not far enough to say so: {odds}.{why}'
                : 'The readings lean to higher, not far enough to say so: {odds}.{why}',
            odds: $likely->says(),
            why: $question->isOfIdleMedium() && $question->change->payload instanceof MediaCharge
                ? Text::of(
                    ' {medium} is not known to move {nutrient}, so more is asked of them.',
                    medium: $question->change->payload->medium->label(),
                    nutrient: $question->parameter->label(),
                )
                : '',
        );
    }

    /** Why nothing can be told yet, and what would help. */
    public static function notYet(
        Question $question,
        Evidence $evidence,
        ?RelaxedStick $stick,
        ?Confounder $tooClose,
        ?int $more,
    ): Text {
        $share = Quantity::share($question->wantedShare, null);
        if ($tooClose !== null) {
            return Text::of(
                'Two changes this close cannot be told apart. The other: {other}',
                other: $tooClose->sentence,
            );
        }
        if ($evidence->before() + $evidence->after() === 0) {
            return Text::of('No {nutrient} was read around this change.', nutrient: $question->parameter->label());
        }
        if ($evidence->before() < ChangeEffect::LEAST_PER_SIDE) {
            return Text::of(
                'Only {before} before the change; at least {least} are needed, and later ones cannot replace them.',
                before: self::readings($evidence->before()),
                least: ChangeEffect::LEAST_PER_SIDE,
            );
        }
        if ($stick === null) {
            return Text::of(
                'Only {after} since the change has settled; at least {least} are needed.',
                after: self::readings($evidence->after()),
                least: ChangeEffect::LEAST_PER_SIDE,
            );
        }
        if (min($evidence->before(), $evidence->after()) < ChangeEffect::LEAST_TO_PROMISE) {
            return Text::of(
                '{before} before and {after} since are too few to say what more would show.',
                before: self::readings($evidence->before()),
                after: $evidence->after(),
            );
        }
        if ($more === null) {
            $left = Evidence::MOST_ON_A_SIDE - $evidence->after();

            return $left <= 0
                ? Text::of(
                    'This tank and its kit scatter too much to show {share} of the level in four weeks.',
                    share: $share,
                )
                : Text::of(
                    'The readings that can still be used ({left}) would hardly show {share} of the level in four '
                        .'weeks.',
                    left: $left,
                    share: $share,
                );
        }
        $last = $evidence->observations[count($evidence->observations) - 1] ?? null;
        $days = ($last->day ?? 0.0) + $more * $evidence->spacing();

        return Text::of(
            match (true) {
                $days <= $evidence->lastDay => '{how} would show {share} of the level in four weeks, in about eight of '
                    .'ten tanks.',
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
    public static function overSpan(RelaxedStick $stick, int $days, float $wanted, float $litres): Text
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

    private static function readings(int $many): string
    {
        return $many === 1 ? '1 reading' : "{$many} readings";
    }
}
