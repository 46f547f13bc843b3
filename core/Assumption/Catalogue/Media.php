<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
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
            Assumption::estimate(
                Assumed::GfoMost,
                Text::of(
                    'Phosphate that GFO can hold at the most; half of it at {half} (Langmuir)',
                    half: Quantity::base(1 / 6, Dimension::Concentration, 2),
                ),
                12.0,
                Dimension::Capacity,
                'From memory; grades differ.',
                0.5,
                60.0,
            ),
            Assumption::estimate(
                Assumed::GfoAffinity,
                'How readily GFO binds phosphate (Langmuir K)',
                6.0,
                Dimension::Affinity,
                'From memory; grades differ.',
                0.1,
                50.0,
            ),
            Assumption::estimate(
                Assumed::AluminaMost,
                Text::of(
                    'Phosphate that alumina can hold at the most; half of it at {half} (Langmuir)',
                    half: Quantity::base(1 / 6, Dimension::Concentration, 2),
                ),
                8.0,
                Dimension::Capacity,
                'From memory; grades differ.',
                0.5,
                60.0,
            ),
            Assumption::estimate(
                Assumed::AluminaAffinity,
                'How readily alumina binds phosphate (Langmuir K)',
                6.0,
                Dimension::Affinity,
                'From memory; grades differ.',
                0.1,
                50.0,
            ),
            Assumption::practice(
                Assumed::AluminaVolume,
                'Alumina phosphate remover by the water of the tank',
                ((3.5 * 0.2365882365) / (55 * 3.785411784)) * 1000,
                Dimension::VolumeDose,
                Text::of('3 to 4 cups on {volume}.', volume: Quantity::litres(208)),
                0.2,
                20.0,
            ),
            Assumption::estimate(
                Assumed::CarbonVolume,
                'Activated carbon by the water of the tank',
                1.0,
                Dimension::VolumeDose,
                'From memory; schools differ from none to twice this.',
                0.05,
                10.0,
            ),
            ...array_map(static fn (array $row): Assumption => Assumption::estimate(
                $row[0],
                $row[1],
                $row[2],
                $row[3],
                'From memory; schools differ.',
                $row[4],
                $row[5],
            ), [
                ['gfo-volume', 'GFO by the water of the tank', 1.0, Dimension::VolumeDose, 0.1, 5.0],
                ['resin-volume', 'Resin by the water of the tank', 1.0, Dimension::VolumeDose, 0.1, 5.0],
                ['zeolite-volume', 'Zeolite by the water of the tank', 2.5, Dimension::VolumeDose, 0.1, 10.0],
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
                ['calendar-gfo', 'GFO is changed after, days', 45.0, Dimension::Plain, 7.0, 365.0],
                ['calendar-resin', 'Resin is changed after, days', 45.0, Dimension::Plain, 7.0, 365.0],
                ['calendar-zeolite', 'Zeolite is changed after, days', 42.0, Dimension::Plain, 7.0, 365.0],
                ['calendar-polishing', 'A polishing sheet is changed after, days', 7.0, Dimension::Plain, 1.0, 60.0],
            ]),
            Assumption::practice(
                'calendar-alumina',
                'Alumina is changed after, days',
                182.0,
                Dimension::Plain,
                'About every six months, when phosphate starts to rise.',
                14.0,
                400.0,
            ),
            Assumption::practice(
                'calendar-biological',
                'A third of the biological media is renewed after, days',
                182.0,
                Dimension::Plain,
                'A third every six months makes eighteen months for all.',
                60.0,
                800.0,
            ),
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
}
