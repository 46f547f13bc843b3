<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What a path is judged and sized by. */
final class Path
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::practice(
                Assumed::SmallRollerFlow,
                'Most flow through a roller in a 4 in hole',
                750 * 3.785411784,
                Dimension::Flow,
                'A figure of the trade, in US gallons.',
                500.0,
                10000.0,
            ),
            Assumption::practice(
                Assumed::LargeRollerFlow,
                'Most flow through a roller in a 7 in hole',
                1800 * 3.785411784,
                Dimension::Flow,
                'A figure of the trade, in US gallons.',
                1000.0,
                20000.0,
            ),
            Assumption::estimate(
                Assumed::SmallSockFlow,
                'Flow a 4 in sock takes without backing up soon',
                1200.0,
                Dimension::Flow,
                'From memory; a soiled one takes far less.',
                200.0,
                5000.0,
            ),
            Assumption::estimate(
                Assumed::LargeSockFlow,
                'Flow a 7 in sock takes without backing up soon',
                2800.0,
                Dimension::Flow,
                'From memory; a soiled one takes far less.',
                500.0,
                10000.0,
            ),
            Assumption::practice(
                Assumed::GravelPerLitre,
                'Biological media by the water of the tank',
                550 / 60,
                Dimension::MassDose,
                Text::of(
                    'About {mass} of porous gravel suits about {volume}.',
                    mass: Quantity::grams(550),
                    volume: Quantity::litres(60),
                ),
                1.0,
                100.0,
            ),
            Assumption::practice(
                Assumed::BiologicalSpare,
                'Biological media to buy, in times of the need',
                3.0,
                Dimension::Plain,
                'Three parts, so that one can be renewed at a time.',
                1.0,
                10.0,
            ),
            Assumption::practice(
                Assumed::BiologicalRenewal,
                'Time after which one third of the biological media is renewed',
                6.0,
                Dimension::Months,
                'Never all of it at once.',
                1.0,
                48.0,
            ),
            Assumption::practice(
                Assumed::RollersPerController,
                'Rollers side by side that one controller runs',
                2.0,
                Dimension::Plain,
                'A rule of thumb of the trade.',
                1.0,
                8.0,
            ),
            Assumption::practice(
                Assumed::HeaterCover,
                'Water over the minimum line of a heater with the return emptied',
                12.7,
                Dimension::Workshop,
                Text::of(
                    'About {emptied} emptied, {running} running.',
                    emptied: Quantity::mm(12.7),
                    running: Quantity::mm(19.05),
                ),
                0.0,
                100.0,
            ),
            Assumption::practice(
                Assumed::RearClearance,
                'Free space behind the tank',
                75.0,
                Dimension::Length,
                'Room for pipes, cords and a hand.',
                20.0,
                500.0,
            ),
            Assumption::practice(
                Assumed::SpareSockets,
                'Further sockets for flow pumps, light and gadgets',
                6.0,
                Dimension::Plain,
                'At least six beside those of the filter.',
                0.0,
                30.0,
            ),
            Assumption::practice(
                Assumed::RefugiumLight,
                'Light for macroalgae by the water of the tank',
                18 / 150,
                Dimension::PowerDose,
                Text::of('2 x 9 W on {volume} is a small start.', volume: Quantity::litres(150)),
                0.01,
                2.0,
            ),
            Assumption::estimate(
                Assumed::LightStock,
                'Skimmer rating by the water of a lightly stocked tank',
                1.0,
                Dimension::Plain,
                'Makers rate skimmers for light stock; from memory.',
                0.3,
                3.0,
            ),
            Assumption::estimate(
                Assumed::MediumStock,
                'Skimmer rating by the water of a tank with medium stock',
                1.5,
                Dimension::Plain,
                'From memory; makers give two or three figures.',
                0.5,
                5.0,
            ),
            Assumption::estimate(
                Assumed::HeavyStock,
                'Skimmer rating by the water of a heavily stocked tank',
                2.0,
                Dimension::Plain,
                'From memory; makers give two or three figures.',
                0.5,
                8.0,
            ),
            Assumption::estimate(
                Assumed::SkimmerAir,
                'Air a skimmer draws by the water it is rated for',
                1.2,
                Dimension::AirDose,
                'From memory; designs differ.',
                0.1,
                10.0,
            ),
            Assumption::estimate(
                Assumed::PowerPrice,
                'Price of power',
                0.3,
                Dimension::EnergyPrice,
                'A household price from memory; enter yours.',
                0.0,
                5.0,
            ),
            Assumption::estimate(
                Assumed::CoarseSock,
                'Finest mesh that counts as coarse',
                300.0,
                Dimension::Micron,
                'From memory.',
                100.0,
                800.0,
            ),
            Assumption::estimate(
                Assumed::CoarsePad,
                'Finest mesh that counts as very coarse',
                800.0,
                Dimension::Micron,
                'From memory.',
                300.0,
                3000.0,
            ),
            Assumption::estimate(
                Assumed::ReactorFlow,
                'Flow a media reactor takes',
                600.0,
                Dimension::Flow,
                'From memory: more tumbles granules to dust; read it off the label of yours.',
                50.0,
                5000.0,
            ),
            Assumption::estimate(
                Assumed::AlgaeReactorFlow,
                'Flow an algae reactor takes',
                1000.0,
                Dimension::Flow,
                'From memory: more tears the algae off; read it off the label of yours.',
                50.0,
                5000.0,
            ),
            Assumption::estimate(
                Assumed::RockAsMedia,
                'Porous rock as biological media, mass for mass',
                0.085,
                Dimension::Share,
                'From memory: a tank with about a tenth of its water in rock by mass needs no other media.',
                0.0,
                1.0,
            ),
        ];
    }
}
