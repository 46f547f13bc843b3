<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A verdict in a sentence that says no more than its intervals. */
final class VerdictWords
{
    /** @param  Interval  $jump  of the level, mg/L */
    public static function jump(Question $question, Interval $jump): Text
    {
        $ends = [abs($jump->low), abs($jump->high)];

        return Text::of(
            $jump->estimate < 0.0
                ? '{nutrient!} fell at once by {size} (95 %: {least} to {most}), {mass} mg in this tank.'
                : '{nutrient!} rose at once by {size} (95 %: {least} to {most}), {mass} mg in this tank.',
            nutrient: $question->parameter->label(),
            size: Quantity::ppm(abs($jump->estimate)),
            least: Quantity::ppm(min($ends)),
            most: Quantity::ppm(max($ends)),
            mass: Quantity::number(abs($jump->estimate) * $question->litres),
        );
    }

    public static function of(
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
        if ($evidence->before() < ChangeEffect::LEAST_PER_SIDE) {
            return Text::of(
                'Only {before} readings before the change; at least {least} are needed, and later ones cannot replace '
                    .'them.',
                before: $evidence->before(),
                least: ChangeEffect::LEAST_PER_SIDE,
            );
        }
        if ($stick === null) {
            return Text::of(
                'Only {after} readings since the change has settled; at least {least} are needed.',
                after: $evidence->after(),
                least: ChangeEffect::LEAST_PER_SIDE,
            );
        }
        if (min($evidence->before(), $evidence->after()) < ChangeEffect::LEAST_TO_PROMISE) {
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
                most: ChangeEffect::MOST_MORE,
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
}
