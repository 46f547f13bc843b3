<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethod;
use Ithys\History\Charge;
use Ithys\History\Timeline\Observed;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Fit;
use Ithys\Learning\Kit;
use Ithys\Learning\Taught;
use Ithys\Learning\Unknown;
use Ithys\Media\Medium;
use Ithys\Nutrient\Element;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * What state a charge is in, and why, in the same words on every page.
 *
 * Source: the method for charges that ships with the project, item 9.
 */
final readonly class ChargeWords
{
    private const SURE = 0.75;

    private const LIKELY = 0.55;

    private const WORKS = 0.7;

    private const FADES = 0.35;

    private const BYPASSED = 0.85;

    private const LOST = 0.6;

    /** Times what the level allows, and errors beyond it, from which a reading and the model cannot both be right. */
    private const TIMES = 2.0;

    private const ERRORS = 3.0;

    /** Of a fresh charge's uptake, that the kit must tell apart to be of use. */
    private const COARSE = 0.5;

    /** @param  list<Text>  $reasons */
    private function __construct(public Condition $condition, public array $reasons)
    {
    }

    public static function of(Charge $charge, ChargeState $state, DateTimeImmutable $now): self
    {
        $condition = self::condition($charge, $state, $now);
        $outlet = $state->outlet;
        $rate = self::rate(...);
        $reasons = match ($condition) {
            Condition::Out => [],
            Condition::Overdue => [Text::of(
                'You meant it to stay {days} days, and it has been in for {in}. Take it out.',
                days: Quantity::number((float) $charge->filling->days, 0),
                in: (int) floor($charge->days($now)),
            )],
            Condition::Contradicted => [Text::of(
                'Your reactor readings say {read} mg a day, give or take {error}. The level of the tank allows {most} '
                    .'at most. Check the flow through the reactor on the path, and the test kit.',
                read: $rate($outlet['read'] ?? 0.0),
                error: $rate($outlet['error'] ?? 0.0),
                most: $rate($outlet['most'] ?? 0.0),
            )],
            Condition::Bypassed => [Text::of(
                'It meets far less water than it should. Look for a leak at the seal, shake the medium loose, and let '
                    .'it just tumble.',
            )],
            Condition::ExhaustedOrBypassed => [
                Text::of(
                    'It removes almost nothing. Water may bypass it instead: look for a leak or a channel before you '
                        .'renew it.',
                ),
            ],
            Condition::LikelyExhausted => [Text::of(
                'It is exhausted with a chance of {odds}. Read phosphate again, or before and after the reactor.',
                odds: Quantity::share(round($state->odds['exhausted'], 1)),
            )],
            Condition::NotClear => [Text::of(
                'Readings leave both open, that it works and that it fades. Read phosphate weekly.',
            )],
            default => [],
        };
        if ($outlet !== null && $outlet['error'] > self::COARSE * $state->amounts['fresh']
            && ! in_array($condition, [Condition::Out, Condition::Overdue, Condition::Contradicted], true)) {
            $reasons[] = Text::of(
                'At this flow your kit can tell {error} mg a day; a fresh charge removes {fresh}. Reactor readings '
                    .'cannot show whether it works. Slow the flow for a reading.',
                error: $rate($outlet['error']),
                fresh: $rate($state->amounts['fresh']),
            );
        }

        return new self($condition, $reasons);
    }

    /** The amount of the last charge, with what it did. */
    public static function lastTime(
        ?Charge $last,
        ?ChargeState $state,
        Assumptions $assumptions,
        DateTimeImmutable $now,
    ): DoseMethod {
        $title = 'As last time';

        return $last === null
            ? new DoseMethod($title, null, Text::of('You have not logged a charge of it.'))
            : new DoseMethod($title, $last->grams($assumptions), Text::of(
                '{charge}, {days} days ago.{did}',
                charge: $last->filling->summary(),
                days: (int) round(($now->getTimestamp() - $last->from->getTimestamp()) / 86_400),
                did: $state === null ? '' : Text::of(
                    ' It removed {mg} mg in {in} days.',
                    mg: Quantity::number($state->gross[0], 0),
                    in: (int) round($last->days($now)),
                ),
            ));
    }

    /** ppm of phosphate, or of nitrate for organic nitrogen, that so many mg make. */
    public static function ppm(Medium $medium, float $milligrams, float $litres): float
    {
        return $milligrams * ($medium->mayBind() ? 1.0 : Element::Nitrogen->ion()) / $litres;
    }

    /** Why the model does not follow a charge that has no state. */
    public static function unfollowed(Charge $charge): Text
    {
        return match (true) {
            $charge->medium() === Medium::Unlisted => Text::of(
                'Ithys does not know what it holds. Enter the figures of your medium under Settings, Assumptions.',
            ),
            $charge->medium()->isModelled() => Text::of(
                'Ithys has not calculated this charge yet. It does so once it has learned from your readings.',
            ),
            default => Text::of(
                'Ithys does not follow this medium: trials do not agree that it removes nitrogen or phosphorus.',
            ),
        };
    }

    /** What charges have taught of what phosphate media hold here; null where none did. */
    public static function learned(Fit $fit): ?Text
    {
        if (! in_array(Unknown::Media, $fit->unknowns(), true)) {
            return null;
        }
        [$low, $high] = $fit->interval(Unknown::Media);

        return Text::of(
            'Over all charges in the journal, phosphate media hold {times} times the usual here ({low} to {high}, '
                .'90 %); that is {known}.',
            times: Quantity::number($fit->factor(Unknown::Media), 1),
            low: Quantity::number($low, 1),
            high: Quantity::number($high, 1),
            known: $fit->taught(Unknown::Media) === Taught::Learned
                ? 'learned from your readings'
                : 'still mostly assumed',
        );
    }

    /**
     * What the last two readings of phosphate are worth; null where they differ by more than their test error.
     *
     * @param  list<Observed>  $observed  in order of time
     */
    public static function noise(array $observed): ?Text
    {
        $mine = array_values(array_filter(
            $observed,
            static fn (Observed $one): bool => $one->parameter === Parameter::Phosphate,
        ));
        if (count($mine) < 2) {
            return null;
        }
        [$one, $other] = array_slice($mine, -2);
        $error = sqrt(Kit::variance($one) + Kit::variance($other));

        return abs($one->level - $other->level) >= $error ? null : Text::of(
            'Your last two phosphate readings differ by {by}, less than their test error of {error}. So small a '
                .'difference says nothing about the charge.',
            by: Quantity::ppm(abs($one->level - $other->level)),
            error: Quantity::ppm($error),
        );
    }

    private static function condition(Charge $charge, ChargeState $state, DateTimeImmutable $now): Condition
    {
        $odds = $state->odds;
        $outlet = $state->outlet;
        $isBeyond = $outlet !== null && $outlet['read'] > self::TIMES * $outlet['most']
            && self::ERRORS * $outlet['error'] < $outlet['read'] - $outlet['most'];

        return match (true) {
            $charge->to !== null => Condition::Out,
            $charge->filling->days !== null && $charge->days($now) >= $charge->filling->days => Condition::Overdue,
            $isBeyond => Condition::Contradicted,
            $odds['bypassed'] >= self::BYPASSED && $odds['weak'] >= self::SURE
                && $odds['exhausted'] < self::SURE => Condition::Bypassed,
            $odds['exhausted'] >= self::SURE => $odds['lost'] > self::LOST
                ? Condition::ExhaustedOrBypassed
                : Condition::Exhausted,
            $odds['exhausted'] >= self::LIKELY => Condition::LikelyExhausted,
            $odds['half'] >= self::WORKS => Condition::Working,
            $odds['half'] <= self::FADES => Condition::Fading,
            default => Condition::NotClear,
        };
    }

    private static function rate(float $milligrams): Quantity
    {
        return Quantity::number(max(0.0, $milligrams), $milligrams < 10.0 ? 1 : 0);
    }
}
