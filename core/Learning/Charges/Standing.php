<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\History\Timeline\Observed;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Kit;
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

    /** Test errors beyond which a reading says something: 95 % one-sided. */
    private const BEYOND = 1.645;

    /** Of what is expected, that the test must tell apart to be of use. */
    private const COARSE = 0.5;

    /** mg of phosphate a day under which rock is not spoken of. */
    private const ROCK = 0.2;

    /** @param  list<Text>  $reasons */
    private function __construct(public Condition $condition, public array $reasons)
    {
    }

    /**
     * @param  float  $share  what it removes, of what a fresh one would
     * @param  float  $surely  how probable it is that it is exhausted
     * @param  float  $takes  mg of phosphate a day
     * @param  float  $rockGives  mg of phosphate a day
     * @param  ?array{float, float, float}  $measured  mg a day that the last readings of the reactor say, what the
     *   model says of then, and mg a day that the test can tell apart
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
        [$read, $model, $resolves] = $measured ?? [0.0, 0.0, INF];
        // Only what the test can tell from what the charge should remove says that water bypasses it.
        $isPassed = $measured !== null && $surely < self::LIKELY
            && $read + self::BEYOND * $resolves < self::PASSING * $model;
        $condition = match (true) {
            $meant !== null && $days >= $meant => Condition::Overdue,
            $measured !== null && Life::contradicts($read, $model, $resolves) => Condition::Unclear,
            $isPassed => Condition::Passing,
            $surely >= Life::SURE => Condition::Spent,
            $surely >= self::LIKELY => Condition::LikelySpent,
            $share < self::FADING => Condition::Fading,
            default => Condition::Working,
        };
        $rate = static fn (float $mg): Quantity => Quantity::number($mg, $mg < 10.0 ? 1 : 0);
        $reasons = [match ($condition) {
            Condition::Overdue => Text::of(
                'It was meant to stay {days} days and is in for {in}. Take it out.',
                days: (int) $meant,
                in: (int) floor($days),
            ),
            Condition::Unclear => Text::of(
                'The reactor readings and the model cannot both be right: the readings say {read} mg a day, give or '
                    .'take {error}, and the model {model}. Check the flow through the reactor on the path, and the '
                    .'test kit. Until then Ithys does not call it exhausted.',
                read: $rate($read),
                error: $rate($resolves),
                model: $rate($model),
            ),
            Condition::Passing => Text::of(
                'The reactor readings say {read} mg a day, give or take {error}; the model expects {model}. Water '
                    .'bypasses the medium or has cut a channel. Look for a leak at the seal, shake the medium loose, '
                    .'and let it just tumble.',
                read: $rate(max(0.0, $read)),
                error: $rate($resolves),
                model: $rate($model),
            ),
            Condition::LikelySpent => Text::of(
                'It is exhausted in {sure} of the simulated tanks that match your readings. Read phosphate weekly, or '
                    .'before and after the reactor, to be sure.',
                sure: Quantity::share($surely),
            ),
            default => Text::of(
                'It removes {share} as much as a fresh charge would.',
                share: Quantity::share($share),
            ),
        }];
        if ($measured !== null && $resolves > self::COARSE * max($model, $takes)
            && ! in_array($condition, [Condition::Unclear, Condition::Passing], true)) {
            $reasons[] = Text::of(
                'At this flow your test can tell about {error} mg a day, and the charge is expected to remove {model}. '
                    .'The reactor readings cannot show whether it works; slow the flow for a reading.',
                error: $rate($resolves),
                model: $rate($model),
            );
        }
        if ($rockGives > self::ROCK && $takes > 0.0) {
            $reasons[] = Text::of(
                'Rock releases {rock} mg of phosphate a day and the charge removes {takes}. A flat level does not mean '
                    .'the charge is exhausted.',
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
