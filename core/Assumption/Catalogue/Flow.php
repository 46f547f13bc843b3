<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What flow through pipes, gaps and valves is reckoned with. */
final class Flow
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::estimate(
                Assumed::Orifice,
                'Discharge coefficient of a gap under a baffle',
                0.6,
                Dimension::Plain,
                'Handbook value for a sharp-edged orifice, from memory.',
                0.4,
                1.0,
            ),
            Assumption::published(
                Assumed::PvcRoughness,
                'Roughness of PVC pipe',
                0.0015,
                Dimension::Roughness,
                'Handbook value for drawn plastic tubing, as in the EPANET manual.',
                0.0,
                1.0,
            ),
            Assumption::estimate(
                Assumed::ValveQuarter,
                'Loss of a gate valve a quarter open, in velocity heads',
                24.0,
                Dimension::Plain,
                'Handbook value from memory.',
                5.0,
                60.0,
            ),
            Assumption::estimate(
                Assumed::ValveHalf,
                'Loss of a gate valve half open, in velocity heads',
                4.5,
                Dimension::Plain,
                'Handbook value from memory.',
                1.0,
                15.0,
            ),
            Assumption::estimate(
                Assumed::ValveMost,
                'Loss of a gate valve three quarters open, in velocity heads',
                0.9,
                Dimension::Plain,
                'Handbook value from memory.',
                0.3,
                4.0,
            ),
            Assumption::estimate(
                Assumed::BubbleSpeed,
                'Water faster than this under a baffle carries bubbles along',
                0.1,
                Dimension::Speed,
                Text::of(
                    'From memory: small bubbles rise at about {speed}.',
                    speed: Quantity::base(0.1, Dimension::Speed),
                ),
                0.02,
                0.5,
            ),
            Assumption::estimate(
                Assumed::GapLoss,
                'Most difference in level worth having across an under-gap',
                5.0,
                Dimension::Workshop,
                'From memory; more means that the gap is too narrow.',
                1.0,
                50.0,
            ),
            Assumption::estimate(
                'fitting-elbow-90',
                'Loss of a 90° elbow, in velocity heads',
                0.9,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-elbow-45',
                'Loss of a 45° elbow, in velocity heads',
                0.4,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-tee-through',
                'Loss of a tee, straight through, in velocity heads',
                0.6,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-tee-branch',
                'Loss of a tee, round the corner, in velocity heads',
                1.8,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-ball-valve',
                'Loss of a ball valve, open, in velocity heads',
                0.05,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-gate-valve',
                'Loss of a gate valve, open, in velocity heads',
                0.2,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-union',
                'Loss of a union, in velocity heads',
                0.08,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-check-valve',
                'Loss of a check valve, in velocity heads',
                2.5,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-entrance',
                'Loss of a sharp entrance, in velocity heads',
                0.5,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
            Assumption::estimate(
                'fitting-outlet',
                'Loss of a outlet into the tank, in velocity heads',
                1.0,
                Dimension::Plain,
                'Handbook value from memory.',
                0.0,
                20.0,
            ),
        ];
    }
}
