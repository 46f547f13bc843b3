<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** What care takes: minutes, and the price of what is used up. */
final class Rounds
{
    private const MONEY = 'A household price from memory, in your money; enter yours.';

    private const OXYGEN = 'Our estimate, from memory; tanks differ by twice and half.';

    private const MINUTES = 'Our estimate, from memory.';

    private const PAUSE = 'Common practice: half an hour at each of two feedings a day.';

    /** Key, what it is, value, least, most, source. */
    private const ROWS = [
        ['minutes-sock', 'A sock change, with the washing, minutes', 6.0, 1.0, 60.0, self::MINUTES],
        ['minutes-water', 'A water change, with the mixing, minutes', 40.0, 5.0, 240.0, self::MINUTES],
        ['care-delivery', 'Days from an order to its delivery', 7.0, 0.0, 120.0, self::MINUTES],
        ['minutes-trial', 'Reading one unit of a trial, minutes', 3.0, 0.5, 60.0, self::MINUTES],
        ['minutes-media', 'Renewing a medium, minutes', 15.0, 1.0, 120.0, self::MINUTES],
        ['oxygen-least', 'Oxygen under which fish suffer, mg/L', 4.0, 2.0, 6.0, self::OXYGEN],
        ['oxygen-animals', 'Oxygen that animals use, mg a gram and hour', 0.4, 0.05, 2.0, self::OXYGEN],
        ['oxygen-water', 'Oxygen that water, rock and bacteria use, mg/L an hour', 0.08, 0.005, 1.0, self::OXYGEN],
        ['watts-air-pump', 'An air pump for a power cut, W', 4.0, 0.5, 100.0, self::OXYGEN],
        ['generator-start', 'Times its power that a motor draws when it starts', 3.0, 1.0, 10.0, self::OXYGEN],
        ['battery-usable', 'Share of a battery that comes out, inverter included', 0.65, 0.2, 1.0, self::OXYGEN],
        ['salt-per-litre', 'Salt mix in new water, g a litre', 38.0, 20.0, 50.0, self::MINUTES],
        ['price-salt-water', 'New salt water, a litre', 0.06, 0.0, 5.0, self::MONEY],
        ['price-fleece', 'Fleece, a metre', 1.0, 0.0, 50.0, self::MONEY],
        ['price-sock', 'A sock', 8.0, 0.0, 200.0, self::MONEY],
        ['lives-sock', 'Washes that a sock lasts', 30.0, 1.0, 500.0, self::MINUTES],
        ['price-wash', 'Washing one sock: water, power and bleach', 0.15, 0.0, 20.0, self::MONEY],
        ['price-pad', 'A pad', 1.5, 0.0, 100.0, self::MONEY],
        ['price-floss', 'A piece of floss', 0.4, 0.0, 100.0, self::MONEY],
        ['price-sponge', 'A sponge', 5.0, 0.0, 200.0, self::MONEY],
        ['lives-sponge', 'Cleanings that a sponge lasts', 50.0, 1.0, 500.0, self::MINUTES],
        ['price-dose', 'Organic carbon for dosing, a mL', 0.02, 0.0, 1.0, self::MONEY],
    ];

    private const PRACTICE = 'Common practice. Set your own with your reason.';

    private const OURS = 'Our estimate, from memory. Set your own with your reason.';

    /** Chores whose days are common practice. */
    private const USUAL = ['sock', 'sponge', 'pre-filter', 'cup', 'bio'];

    /** Chores by key: what it is, days from one to the next, minutes; those of socks and water stand above. */
    private const CHORES = [
        'sock' => ['Socks', 4.0, null],
        'wash' => ['Washing socks', 14.0, 2.0],
        'pad' => ['Pads', 4.0, 5.0],
        'floss' => ['Floss', 4.0, 4.0],
        'sponge' => ['Sponge', 7.0, 8.0],
        'pre-filter' => ['Pre-filter', 4.0, 8.0],
        'cup' => ['Skimmer cup', 3.0, 3.0],
        'roller' => ['Fleece that is left', 14.0, 3.0],
        'rinse' => ['Macroalgae: rinse', 14.0, 8.0],
        'harvest' => ['Macroalgae: harvest', 14.0, 10.0],
        'bio' => ['Biological media: a third', 182.0, 20.0],
        'outlet' => ['Reactor: phosphate in and out', 14.0, 5.0],
        'readings' => ['Nitrate and phosphate', 3.0, 4.0],
        'clarity' => ['Clarity', 14.0, 1.0],
        'top-off' => ['Top-off reservoir', 7.0, 4.0],
        'water' => ['Water change', 7.0, null],
        'pump' => ['Return pump', 91.0, 30.0],
        'overflow' => ['Overflow', 30.0, 5.0],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        $chores = [];
        foreach (self::CHORES as $key => [$what, $days, $minutes]) {
            $of = [
                "care-{$key}",
                "{$what}: days from one to the next",
                $days,
                Dimension::Days,
            ];
            $chores[] = in_array($key, self::USUAL, true)
                ? Assumption::practice(...[...$of, self::PRACTICE, 1.0, 730.0])
                : Assumption::estimate(...[...$of, self::OURS, 1.0, 730.0]);
            if ($minutes !== null) {
                $chores[] = Assumption::estimate(
                    "minutes-{$key}",
                    "{$what}, minutes",
                    $minutes,
                    Dimension::Plain,
                    self::MINUTES,
                    0.5,
                    240.0,
                );
            }
        }

        $pause = Assumption::practice(
            'pause-minutes',
            'A feeding pause, minutes',
            30.0,
            Dimension::Plain,
            self::PAUSE,
            1.0,
            240.0,
        );

        return [...$chores, $pause, ...array_map(static fn (array $row): Assumption => Assumption::estimate(
            $row[0],
            $row[1],
            $row[2],
            Dimension::Plain,
            $row[5],
            $row[3],
            $row[4],
        ), self::ROWS)];
    }
}
