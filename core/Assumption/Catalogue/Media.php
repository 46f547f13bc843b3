<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Media\Medium;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What media hold. */
final class Media
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            ...self::ofMedia(),
            ...array_map(static fn (array $row): Assumption => Assumption::estimate(
                $row[0],
                $row[1],
                $row[2],
                $row[3],
                'From memory; schools differ.',
                $row[4],
                $row[5],
            ), [
                [
                    'spirit-full',
                    Text::of('Spirit at full dose, mL a day on {litres}', litres: Quantity::litres(100)),
                    0.8,
                    Dimension::Plain,
                    0.1,
                    3.0,
                ],
                ['fall-limit', 'Phosphate may fall in a week by', 0.05, Dimension::Concentration, 0.005, 0.5],
                ['fall-share', 'Of its level that phosphate may fall by in a week', 0.5, Dimension::Share, 0.1, 1.0],
                ['first-use-share', 'Of the full amount at a first use', 0.5, Dimension::Share, 0.1, 1.0],
                ['scoop', 'Your own scoop, mL', 79.0, Dimension::Plain, 1.0, 1000.0],
            ]),
            Assumption::practice(
                'biological-grams',
                'Porous biological media by the water of the tank, grams a litre',
                550 / 60,
                Dimension::Plain,
                Text::of(
                    'About {grams} suits about {litres}; keepers buy three times the need.',
                    grams: Quantity::grams(550),
                    litres: Quantity::litres(60),
                ),
                1.0,
                50.0,
            ),
            Assumption::practice(
                Assumed::ZeoliteFlow,
                'Flow at which zeolite is dosed in full',
                500.0,
                Dimension::Flow,
                'The dose is cut in a faster path.',
                50.0,
                3000.0,
            ),
        ];
    }

    /** @return list<Assumption> the figures of every medium, as its definition has them */
    private static function ofMedia(): array
    {
        $all = [];
        foreach (Medium::cases() as $medium) {
            foreach ($medium->definition()->figures as $one) {
                $make = $one->isPractice ? Assumption::practice(...) : Assumption::estimate(...);
                $all[] = $make(
                    $one->key,
                    $one->label,
                    $one->value,
                    $one->dimension,
                    $one->source,
                    $one->least,
                    $one->most,
                );
            }
        }

        return $all;
    }
}
