<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Calibration\Kit;
use Ithys\Nutrient\Timeline\Observed;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How a charge stands, and why the water may not show it: what is spent, passed by, or hidden is told apart. */
final readonly class Standing
{
    /** Share of a fresh charge under which it fades. */
    private const FADING = 0.5;

    private const LIKELY = 0.5;

    /** A reactor that takes less than this of what the model says of it, while it should be far from spent. */
    private const PASSING = 0.3;

    /** mg of phosphate a day under which rock is not spoken of. */
    private const ROCK = 0.2;

    /** @param  list<Text>  $reasons */
    private function __construct(public Condition $condition, public array $reasons)
    {
    }

    /**
     * @param  float  $share  what it takes, of what a fresh one would
     * @param  float  $surely  how probable it is that it is spent
     * @param  float  $takes  mg of phosphate a day
     * @param  float  $rockGives  mg of phosphate a day
     * @param  ?array{float, float}  $measured  mg a day that it was read to take, and what the model says of then
     * @param  float  $days  that it is in
     * @param  ?float  $meant  days it was meant to stay
     */
    public static function of(
        float $share,
        float $surely,
        float $takes,
        float $rockGives,
        ?array $measured,
        float $days,
        ?float $meant,
    ): self {
        [$read, $model] = $measured ?? [0.0, 0.0];
        $isPassed = $measured !== null && $surely < self::LIKELY && $model > 0.0 && $read < self::PASSING * $model;
        $condition = match (true) {
            $meant !== null && $days >= $meant => Condition::Overdue,
            $isPassed => Condition::Passing,
            $surely >= Life::SURE => Condition::Spent,
            $surely >= self::LIKELY => Condition::LikelySpent,
            $share < self::FADING => Condition::Fading,
            default => Condition::Working,
        };
        $rate = static fn (float $mg): Quantity => Quantity::number($mg, 1);
        $reasons = [match ($condition) {
            Condition::Overdue => Text::of(
                'It was meant to stay {days} days and is in for {in}: take it out.',
                days: (int) $meant,
                in: (int) floor($days),
            ),
            Condition::Passing => Text::of(
                'The reactor was read to take {read} mg a day, the model says {model}: far too early to be spent. '
                    .'Water passes by or has cut a channel. Look for a leak past the seal, shake the medium loose, '
                    .'and let it just tumble.',
                read: $rate($read),
                model: $rate($model),
            ),
            Condition::Spent => Text::of(
                'It takes {share} of what a fresh charge would take from the same water.',
                share: Quantity::share($share),
            ),
            Condition::LikelySpent => Text::of(
                'In {sure} of the tanks that your readings allow it is spent by now. One more reading of phosphate '
                    .'each week, or one before and behind the reactor, would tell.',
                sure: Quantity::share($surely),
            ),
            Condition::Fading, Condition::Working => Text::of(
                'It takes {share} of what a fresh charge would take from the same water.',
                share: Quantity::share($share),
            ),
        }];
        if ($rockGives > self::ROCK && $takes > 0.0) {
            $reasons[] = Text::of(
                'Rock gives back {rock} mg of phosphate a day, against {takes} that the charge takes: a level that '
                    .'does not fall need not mean that it is spent.',
                rock: $rate($rockGives),
                takes: $rate($takes),
            );
        }

        return new self($condition, $reasons);
    }

    /**
     * What the last two readings of phosphate are worth.
     *
     * @param  list<Observed>  $observed  in order of time
     * @return ?Text null where they differ by more than their kits scatter
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
        $scatter = sqrt(Kit::variance($one) + Kit::variance($other));

        return abs($one->level - $other->level) >= $scatter ? null : Text::of(
            'The last two readings of phosphate differ by {by}; kits of that kind scatter by {scatter}. So small a '
                .'rise or fall says nothing of the charge.',
            by: Quantity::ppm(abs($one->level - $other->level)),
            scatter: Quantity::ppm($scatter),
        );
    }
}
