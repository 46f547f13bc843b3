<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** What a sump is judged by. */
final class Sump
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::estimate(
                Assumed::CombSlot,
                'Width of a slot in a comb',
                6.0,
                Dimension::Workshop,
                'From memory: narrow enough for snails, wide enough not to clog.',
                2.0,
                20.0,
            ),
            Assumption::estimate(
                Assumed::CombTeeth,
                'Height of the teeth of a comb over the edge the water goes over',
                25.0,
                Dimension::Workshop,
                'From memory: more than the head of most returns, so that nothing is carried over the tips.',
                5.0,
                80.0,
            ),
            Assumption::estimate(
                Assumed::LeastTooth,
                'Narrowest tooth of a comb',
                3.0,
                Dimension::Workshop,
                'From memory: thinner teeth break when they are cut or cleaned.',
                1.0,
                10.0,
            ),
            Assumption::estimate(
                Assumed::RimMargin,
                'Room wanted under the rim after a power cut',
                15.0,
                Dimension::Workshop,
                'From memory: a wave, a slow check valve or a little too much top-up.',
                0.0,
                100.0,
            ),
            Assumption::estimate(
                Assumed::WorkingRoom,
                'Room for a hand around a device',
                20.0,
                Dimension::Workshop,
                'From memory; it has to come out to be cleaned.',
                0.0,
                100.0,
            ),
            Assumption::estimate(
                Assumed::HandWidth,
                'Narrowest space that is cleaned by hand',
                25.0,
                Dimension::Workshop,
                'From memory; a brush or a finger gets in.',
                5.0,
                100.0,
            ),
            Assumption::practice(
                Assumed::StandingOverRoller,
                'Water that must be able to stand over the tray of a fleece roller',
                38.0,
                Dimension::Workshop,
                'A figure of the trade, in inches; the rising water is what moves it on.',
                5.0,
                120.0,
            ),
            Assumption::practice(
                Assumed::RoomUnderRoller,
                'Free height below the tray of a fleece roller',
                208.28,
                Dimension::Workshop,
                'A figure of the trade, in inches.',
                50.0,
                400.0,
            ),
            Assumption::estimate(
                Assumed::TrayWeb,
                'Sheet left between two openings of a tray, and at its edges',
                15.0,
                Dimension::Workshop,
                'From memory; less breaks when a full sock is pulled out.',
                3.0,
                60.0,
            ),
            Assumption::estimate(
                Assumed::TrayClearance,
                'Gap at each side of a tray that is dropped in',
                1.0,
                Dimension::Workshop,
                'From memory; it has to come out again.',
                0.0,
                10.0,
            ),
            Assumption::estimate(
                Assumed::SockClearance,
                'Water left under the foot of a sock',
                20.0,
                Dimension::Workshop,
                'From memory; a sock that stands on the floor closes its own way out.',
                0.0,
                100.0,
            ),
            Assumption::estimate(
                Assumed::DryChamber,
                'Water under which a chamber counts as dry',
                25.0,
                Dimension::Workshop,
                'From memory; no pump, skimmer or heater works in less.',
                0.0,
                100.0,
            ),
            Assumption::estimate(
                Assumed::LeakBrim,
                'Filled lower than this under the rim a leak test proves little',
                15.0,
                Dimension::Workshop,
                'From memory: only the brim tests the upper seams.',
                0.0,
                100.0,
            ),
            Assumption::estimate(
                Assumed::OutOfSquare,
                'Difference between front and back, or top and bottom, that can still be glued',
                2.0,
                Dimension::Workshop,
                'From memory; more than that and the gaps for silicone are no longer even.',
                0.5,
                10.0,
            ),
        ];
    }
}
