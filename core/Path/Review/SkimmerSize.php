<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Stock;
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
        $low = self::sum($skimmers, Figure::ClaimLow);
        $now = $here->workingLitres * $here->path->stockNow->weight()->value;
        $planned = $here->workingLitres * $here->path->stockPlanned->weight()->value;
        $sum = fn (Stock $stock): string => sprintf(
            '%s x %s for %s stock is %s',
            $here->volume($here->workingLitres),
            self::plain($stock->weight()->value),
            $stock->value,
            $here->volume($here->workingLitres * $stock->weight()->value),
        );
        $adjustable = 'Too small beats too big, and an adjustable one serves a stock that grows.';

        if ($high < $now) {
            yield Finding::of(
                Severity::Caution,
                'skimmer-small',
                'Skimmer too small for the stock',
                sprintf('It is rated to %s, but %s.', $here->volume($high), $sum($here->path->stockNow)),
                $here->path->stockNow->weight(),
            )
                ->at($pin)
                ->because(
                    'An undersized skimmer takes 30 % of the organics or less; about half is typical.',
                    sprintf('Choose one rated to at least %s, or stock and feed less.', $here->volume($now)),
                );
        } elseif ($high < $planned) {
            yield Finding::of(
                Severity::Remark,
                'skimmer-outgrown',
                'Skimmer will be outgrown',
                sprintf(
                    'It suits the stock of now; planned, %s, and it is rated to %s.',
                    $sum($here->path->stockPlanned),
                    $here->volume($high),
                ),
                $here->path->stockPlanned->weight(),
            )
                ->at($pin)
                ->because(
                    $adjustable,
                    sprintf('Plan for one rated to %s when the stock is there.', $here->volume($planned)),
                );
        } elseif ($low !== null && $low > $planned) {
            yield Finding::of(
                Severity::Caution,
                'skimmer-large',
                'Skimmer too big, now and as planned',
                sprintf('It is rated from %s, but %s.', $here->volume($low), $sum($here->path->stockPlanned)),
                $here->path->stockPlanned->weight(),
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
                sprintf(
                    'It is rated from %s; now, %s. The planned stock fits it.',
                    $here->volume($low),
                    $sum($here->path->stockNow),
                ),
                $here->path->stockNow->weight(),
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
                sprintf('It is rated to %s; %s.', $here->volume($high), $sum($here->path->stockPlanned)),
                $here->path->stockPlanned->weight(),
            )->at($pin);
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

    private static function plain(float $factor): string
    {
        return rtrim(rtrim(number_format($factor, 2), '0'), '.');
    }
}
