<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

use Ithys\Learning\Fit;
use Ithys\Nutrient\Element;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What a ledger says, in a few sentences. */
final class LedgerStory
{
    /** Share of the input below which nothing is called unexplained. */
    private const SMALL = 0.05;

    /** Share by which model and readings may differ on average without a word. */
    private const MISFIT = 0.15;

    /** @return list<Text> */
    public static function of(Ledger $ledger, Element $element, ?Fit $fit): array
    {
        $unexplained = $ledger->unexplained[$element === Element::Nitrogen ? 0 : 1];
        $in = $ledger->broughtIn($element);
        $greatest = $ledger->greatest($element);

        return [
            Text::of(
                '{mg} mg came in a week; in this water that is {ppm} of {ion}.',
                mg: Quantity::number($in, $in >= 10 ? 0 : 1),
                ppm: Quantity::ppm(Quantity::significant($ledger->ppm($in, $element), 2)),
                ion: $element->parameter()->label(),
            ),
            ...$greatest === null || $in <= 0.0 ? [] : [self::greatest($ledger, $greatest, $element, $in)],
            match (true) {
                $unexplained === null => Text::of(
                    'There are too few readings in this time to say what the ledger leaves unexplained.',
                ),
                $in > 0.0 && abs($unexplained) < self::SMALL * $in => Text::of(
                    'The ledger explains your readings to within {share} of the input.',
                    share: self::share(self::SMALL),
                ),
                default => Text::of(
                    'By the readings the water gained {ppm} a week {more} than by the ledger. What did that is not '
                        .'known.',
                    ppm: Quantity::ppm(Quantity::significant(abs($ledger->ppm($unexplained, $element)), 2)),
                    more: $unexplained > 0 ? 'more' : 'less',
                ),
            },
            ...$fit === null ? [] : self::misfit($fit, $element),
        ];
    }

    private static function greatest(Ledger $ledger, LedgerLine $line, Element $element, float $in): Text
    {
        $as = $line->key === 'water' ? null : $ledger->asWaterChange($line, $element);

        return Text::of(
            '{what!} removed most of what you can change: {share} of the input.{as}',
            what: mb_strtolower($line->label),
            share: self::share($line->of($element) / $in),
            as: $as === null
                ? ''
                : Text::of(' A weekly water change of {as} would do as much.', as: self::share($as)),
        );
    }

    /** @return list<Text> a bad fit, said where the figures are read */
    private static function misfit(Fit $fit, Element $element): array
    {
        $read = $model = 0.0;
        foreach ($fit->residuals as $one) {
            if ($one['parameter'] === $element->parameter()->value) {
                $read += $one['read'];
                $model += $one['model'];
            }
        }
        $off = $read > 0.0 ? $model / $read - 1 : 0.0;

        return abs($off) < self::MISFIT ? [] : [Text::of(
            'The model is {share} {way} your readings on average. Take these figures with care.',
            share: self::share(abs($off)),
            way: $off < 0 ? 'below' : 'above',
        )];
    }

    private static function share(float $of): Quantity
    {
        return Quantity::base($of, Dimension::Share, 0);
    }
}
