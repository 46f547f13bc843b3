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
