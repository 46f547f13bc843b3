<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** How a change is judged. */
final class Effect
{
    /** @return list<Assumption> */
    public static function all(): array
    {
        return [
            Assumption::estimate(
                Assumed::WantedShare,
                'Smallest change worth knowing, as a share of the level over four weeks',
                0.5,
                Dimension::Share,
                'Ours: the level of a tank wanders by 20 to 35 % in six weeks by itself; less is hardly answerable.',
                0.02,
                2.0,
            ),
            Assumption::estimate(
                Assumed::TankWander,
                'What a tank takes in wanders by itself, a day, by this share of its level',
                0.004,
                Dimension::Share,
                'Our guess; half and twice as much are tried too. Food, fish and algae are never the same.',
                0.0005,
                0.03,
            ),
            Assumption::practice(
                Assumed::BelowLimit,
                'A reading below the limit of the kit counts as this share of the limit',
                0.5,
                Dimension::Share,
                'Half the limit is the usual stand-in for a value below detection.',
                0.0,
                1.0,
            ),
            Assumption::estimate(
                Assumed::MediaSettling,
                'Settling time after a media charge',
                1.0,
                Dimension::Days,
                'From memory; rinsed media works within a day.',
                0.0,
                14.0,
            ),
            Assumption::estimate(
                Assumed::BiologySettling,
                'Settling time after a change that works through algae or bacteria',
                3.0,
                Dimension::Days,
                'From memory; algae and bacteria take days to follow.',
                0.0,
                30.0,
            ),
            Assumption::estimate(
                Assumed::MediaWear,
                'How long a phosphate medium keeps changing as it wears out',
                90.0,
                Dimension::Days,
                'From memory; GFO lasts weeks to a few months, alumina about half a year.',
                7.0,
                365.0,
            ),
            Assumption::estimate(
                Assumed::RateShare,
                'A rate that differs by more than this between the sides counts as a change',
                0.2,
                Dimension::Share,
                'Ours: smaller shifts are within what a pinch of food varies.',
                0.02,
                2.0,
            ),
            Assumption::estimate(
                Assumed::IntervalFactor,
                'A sock interval that stretches or shrinks by more than this factor counts as a change',
                1.5,
                Dimension::Plain,
                'Ours: a day early or late is no change of habit.',
                1.05,
                5.0,
            ),
            Assumption::estimate(
                Assumed::FrozenCube,
                'One small frozen cube',
                3.5,
                Dimension::Mass,
                'From memory; weigh yours.',
                0.5,
                20.0,
            ),
            Assumption::estimate(
                Assumed::SeaweedSheet,
                'One sheet of dried seaweed',
                2.7,
                Dimension::Mass,
                'A sheet as it is sold for rolls; common practice, from memory. Weigh yours.',
                0.2,
                10.0,
            ),
            Assumption::estimate(
                Assumed::FoodPellet,
                'One pellet of food',
                0.002,
                Dimension::Mass,
                'A small pellet, a little heavier than water; from memory. Weigh a hundred of yours.',
                0.0002,
                0.5,
            ),
            Assumption::estimate(
                Assumed::FoodPinch,
                'One pinch of food',
                0.1,
                Dimension::Mass,
                'Between two fingers, from memory. Weigh ten of yours.',
                0.01,
                2.0,
            ),
            Assumption::estimate(
                Assumed::AlertRise,
                'A rise that is worth an alert, of what was there',
                0.3,
                Dimension::Share,
                'Our choice: below it kits and feeding wander by themselves.',
                0.1,
                3.0,
            ),
            Assumption::estimate(
                Assumed::AlertFall,
                'A fall within a week that is too fast, of what was there',
                0.5,
                Dimension::Share,
                'Common practice: corals suffer where phosphate is halved within days.',
                0.2,
                0.95,
            ),
            Assumption::estimate(
                Assumed::AlertSilence,
                'Time without a reading after which there is an alert',
                21.0,
                Dimension::Days,
                'Our choice, where readings were taken at least weekly; else three times the usual.',
                3.0,
                365.0,
            ),
            Assumption::estimate(
                Assumed::AlertSkimmerOff,
                'Time with the skimmer off after which there is an alert',
                2.0,
                Dimension::Days,
                'Our choice: a day off while feeding or dosing is common.',
                0.1,
                60.0,
            ),
        ];
    }
}
