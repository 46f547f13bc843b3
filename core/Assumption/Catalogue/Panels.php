<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** What sheets bear. */
final class Panels
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::estimate(
                Assumed::GlassStrength,
                'Bending strength of annealed float glass',
                19.3,
                Dimension::Stress,
                'From memory, as hobby tables have it; edges, scratches and age lower it.',
                5.0,
                60.0,
            ),
            Assumption::estimate(
                Assumed::AcrylicStrength,
                'Bending stress acrylic bears for years',
                13.8,
                Dimension::Stress,
                'From memory; acrylic creeps, so that its short-time strength counts for little.',
                2.0,
                60.0,
            ),
            Assumption::estimate(
                Assumed::GlassStiffness,
                'Elastic modulus of glass',
                70000.0,
                Dimension::Stress,
                'Handbook value from memory.',
                50000.0,
                90000.0,
            ),
            Assumption::estimate(
                Assumed::AcrylicStiffness,
                'Elastic modulus of acrylic',
                3000.0,
                Dimension::Stress,
                'Handbook value from memory.',
                1000.0,
                5000.0,
            ),
            Assumption::estimate(
                Assumed::GlassPoisson,
                'Poisson’s ratio of glass',
                0.22,
                Dimension::Plain,
                'Handbook value from memory.',
                0.15,
                0.3,
            ),
            Assumption::estimate(
                Assumed::AcrylicPoisson,
                'Poisson’s ratio of acrylic',
                0.37,
                Dimension::Plain,
                'Handbook value from memory.',
                0.3,
                0.45,
            ),
            Assumption::estimate(
                Assumed::PanelSafety,
                'Safety factor wanted of a panel',
                3.8,
                Dimension::Plain,
                'From memory, as hobby tables have it; makers use their own.',
                1.0,
                10.0,
            ),
            Assumption::estimate(
                Assumed::PanelFault,
                'Safety factor under which a panel counts as a fault',
                1.5,
                Dimension::Plain,
                'From memory: little is left for a scratch or a knock.',
                1.0,
                4.0,
            ),
        ];
    }
}
