<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What the water is reckoned with. */
final class Water
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::estimate(
                Assumed::SandDisplacement,
                'Water displaced by sand',
                0.36,
                Dimension::Displacement,
                Text::of(
                    'Aragonite grains at {density}; the water between the grains still counts as water.',
                    density: Quantity::base(2750, Dimension::MassDose),
                ),
                0.3,
                0.65,
            ),
            Assumption::estimate(
                Assumed::RockDisplacement,
                'Water displaced by porous rock',
                0.5,
                Dimension::Displacement,
                Text::of(
                    'From memory; {least} to {most} by how porous the rock is.',
                    least: Quantity::base(0.4, Dimension::Displacement),
                    most: Quantity::base(0.6, Dimension::Displacement),
                ),
                0.2,
                0.9,
            ),
            Assumption::practice(
                Assumed::TurnoverModerateLow,
                'Moderate school, least',
                5.0,
                Dimension::Turnover,
                'Schools differ.',
                2.0,
                15.0,
            ),
            Assumption::practice(
                Assumed::TurnoverModerateHigh,
                'Moderate school, most',
                10.0,
                Dimension::Turnover,
                'Schools differ.',
                5.0,
                30.0,
            ),
            Assumption::practice(
                Assumed::TurnoverBriskLow,
                'Brisk school, least',
                10.0,
                Dimension::Turnover,
                'Schools differ.',
                5.0,
                30.0,
            ),
            Assumption::practice(
                Assumed::TurnoverBriskHigh,
                'Brisk school, most',
                30.0,
                Dimension::Turnover,
                'Schools differ.',
                10.0,
                60.0,
            ),
            Assumption::practice(
                Assumed::TurnoverFreshwater,
                'Freshwater figure, too low for a reef',
                2.0,
                Dimension::Turnover,
                'Schools differ.',
                0.5,
                4.0,
            ),
            Assumption::estimate(
                Assumed::SalinityLow,
                'Least salinity of a reef',
                30.0,
                Dimension::Plain,
                'From memory; natural reefs stand at about 35.',
                20.0,
                35.0,
            ),
            Assumption::estimate(
                Assumed::SalinityHigh,
                'Highest salinity of a reef',
                37.0,
                Dimension::Plain,
                'From memory; natural reefs stand at about 35.',
                35.0,
                45.0,
            ),
            Assumption::estimate(
                Assumed::TemperatureLow,
                'Lowest temperature of a reef',
                22.0,
                Dimension::Temperature,
                'From memory; most are kept a few degrees warmer.',
                15.0,
                26.0,
            ),
            Assumption::estimate(
                Assumed::TemperatureHigh,
                'Highest temperature of a reef',
                29.0,
                Dimension::Temperature,
                'From memory; corals bleach not far above it.',
                26.0,
                34.0,
            ),
            Assumption::estimate(
                Assumed::SourceWater,
                'Nitrate and phosphate in new salt water',
                0.0,
                Dimension::Concentration,
                'Purified water and a clean salt mix; test yours once.',
                0.0,
                50.0,
            ),
        ];
    }
}
