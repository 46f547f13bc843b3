<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Stock;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** The skimmer against the stock of now and of later. */
final class SkimmerSize implements Rule
{
    public function judge(Situation $here): iterable
    {
        $skimmers = $here->path->itemsOf(Kind::Skimmer);
        $high = self::sum($skimmers, Figure::ClaimHigh);
        if ($skimmers === [] || $high === null) {
            return;
        }
        $pin = $skimmers[0]->id;
        yield from $this->air($here, $skimmers, $high);
        $low = self::sum($skimmers, Figure::ClaimLow);
        $now = $here->workingLitres * $here->path->stockNow->weight($here->assumptions)->value;
        $planned = $here->workingLitres * $here->path->stockPlanned->weight($here->assumptions)->value;
        $sum = static fn (Stock $stock): Text => Text::of(
            '{working} x {weight} for {stock} stock is {wanted}',
            working: Quantity::litres($here->workingLitres),
            weight: Quantity::number($stock->weight($here->assumptions)->value),
            stock: $stock->value,
            wanted: Quantity::litres($here->workingLitres * $stock->weight($here->assumptions)->value),
        );
        $adjustable = 'Too small beats too big, and an adjustable one serves a stock that grows.';

        if ($high < $now) {
            yield Finding::of(
                Severity::Caution,
                'skimmer-small',
                'Skimmer too small for the stock',
                Text::of(
                    'It is rated to {high}, but {stockNow}.',
                    high: Quantity::litres($high),
                    stockNow: $sum($here->path->stockNow),
                ),
                $here->path->stockNow->weight($here->assumptions),
            )
                ->at($pin)
                ->because(
                    'An undersized skimmer takes 30 % of the organics or less; about half is typical.',
                    Text::of(
                        'Choose one rated to at least {now}, or stock and feed less.',
                        now: Quantity::litres($now),
                    ),
                );
        } elseif ($high < $planned) {
            yield Finding::of(
                Severity::Remark,
                'skimmer-outgrown',
                'Skimmer will be outgrown',
                Text::of(
                    'It suits the stock of now; planned, {stockPlanned}, and it is rated to {high}.',
                    stockPlanned: $sum($here->path->stockPlanned),
                    high: Quantity::litres($high),
                ),
                $here->path->stockPlanned->weight($here->assumptions),
            )
                ->at($pin)
                ->because(
                    $adjustable,
                    Text::of(
                        'Plan for one rated to {planned} when the stock is there.',
                        planned: Quantity::litres($planned),
                    ),
                );
        } elseif ($low !== null && $low > $planned) {
            yield Finding::of(
                Severity::Caution,
                'skimmer-large',
                'Skimmer too big, now and as planned',
                Text::of(
                    'It is rated from {low}, but {stockPlanned}.',
                    low: Quantity::litres($low),
                    stockPlanned: $sum($here->path->stockPlanned),
                ),
                $here->path->stockPlanned->weight($here->assumptions),
            )
                ->at($pin)
                ->because(
                    'An oversized one looks broken: full of foam, boiling at the top, the cup empty.',
                    'Choose a smaller or adjustable one. '.$adjustable,
                );
        } elseif ($low !== null && $low > $now) {
            yield Finding::of(
                Severity::Remark,
                'skimmer-early',
                'Skimmer large for the stock of now',
                Text::of(
                    'It is rated from {low}; now, {stockNow}. The planned stock fits it.',
                    low: Quantity::litres($low),
                    stockNow: $sum($here->path->stockNow),
                ),
                $here->path->stockNow->weight($here->assumptions),
            )
                ->at($pin)
                ->because(
                    'Until the stock has grown it may boil and leave the cup empty.',
                    'Throttle its air or run it some hours a day at first.',
                );
        } else {
            yield Finding::of(
                Severity::Good,
                'skimmer-fits',
                'Skimmer fits the stock',
                Text::of(
                    'It is rated to {high}; {stockPlanned}.',
                    high: Quantity::litres($high),
                    stockPlanned: $sum($here->path->stockPlanned),
                ),
                $here->path->stockPlanned->weight($here->assumptions),
            )->at($pin);
        }
    }

    /**
     * @param  list<Item>  $skimmers
     * @return iterable<Finding>
     */
    private function air(Situation $here, array $skimmers, float $high): iterable
    {
        $draws = self::sum($skimmers, Figure::Air);
        $each = $here->assumptions->of(Assumed::SkimmerAir);
        if ($draws !== null && $draws < 0.9 * $high * $each->value) {
            yield Finding::of(
                Severity::Remark,
                'skimmer-air',
                'It draws little air for its rating',
                Text::of(
                    'Rated to {high} it should draw about {wanted}; it draws {draws}.',
                    high: Quantity::litres($high),
                    wanted: Quantity::perHour($high * $each->value),
                    draws: Quantity::perHour($draws),
                ),
                $each,
            )
                ->at($skimmers[0]->id)
                ->because(
                    'Foam is made of air; a rating promises more than the air behind it.',
                    'Count on less than its rating, or clean its air line and look again.',
                );
        }
    }

    /** @param  list<Item>  $skimmers */
    private static function sum(array $skimmers, Figure $figure): ?float
    {
        $sum = null;
        foreach ($skimmers as $skimmer) {
            $claim = $skimmer->figure($figure);
            $sum = $claim === null ? $sum : ($sum ?? 0.0) + $claim * $skimmer->count();
        }

        return $sum;
    }
}
