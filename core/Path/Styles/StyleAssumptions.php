<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\AssumptionKind;
use Ithys\Path\Style;

/** The defaults by which ways to filter are compared: typical figures, from memory, for orders of size. */
final class StyleAssumptions
{
    /** Flow a filter of this style gives in use, L/h. */
    public static function flow(Style $style, bool $drilled): Assumption
    {
        return self::estimate(
            'flow',
            $style,
            'Flow in use',
            match ($style) {
                Style::Sump => $drilled ? 4500.0 : 2300.0,
                Style::RearChamber => 4000.0,
                Style::Canister => 1000.0,
                Style::HangOn => 1200.0,
                Style::Internal => 450.0,
            },
            'L/h',
            'from memory, after media and height have taken their part of the label figure; for a sump two drilled '
                .'drains or one rim-hung siphon.',
        );
    }

    /** Share of the display that the filter adds to the water (or, below zero, takes of it). */
    public static function gain(Style $style): Assumption
    {
        return self::estimate('gain', $style, 'Water gained, as a share of the display', match ($style) {
            Style::Canister => 0.05,
            Style::HangOn => 0.012,
            Style::Internal => -0.005,
            Style::Sump, Style::RearChamber => 0.0,
        }, '', 'from memory; a sump is reckoned from the cabinet, a rear chamber holds water the tank had anyway.');
    }

    /** Power of the pump for 1000 L/h at the height it works against. */
    public static function wattsPerCubicMetre(Style $style): Assumption
    {
        return self::estimate('watts', $style, 'Pump power for 1000 L/h', match ($style) {
            Style::Sump => 13.0,
            Style::RearChamber => 6.0,
            Style::Canister => 16.0,
            Style::HangOn => 8.0,
            Style::Internal => 9.0,
        }, 'W', 'from memory; height and tight media cost power.');
    }

    /** Price of the filter itself for a tank of 200 L, without skimmer and light. */
    public static function price(Style $style): Assumption
    {
        return self::estimate(
            'price',
            $style,
            'Price of the filter for about 200 L',
            match ($style) {
                Style::Sump => 450.0,
                Style::RearChamber => 150.0,
                Style::Canister => 180.0,
                Style::HangOn => 70.0,
                Style::Internal => 40.0,
            },
            '',
            'from memory, in your currency at about one euro or dollar; a rear chamber usually comes with its tank.',
        );
    }

    /** Price of what is thrown away at each change of the mechanical stage. */
    public static function changePrice(Style $style): Assumption
    {
        return self::estimate('change', $style, 'Price of one mechanical change', match ($style) {
            Style::Sump => 0.6,
            Style::RearChamber, Style::HangOn, Style::Internal => 0.4,
            Style::Canister => 0.2,
        }, '', 'from memory: a share of a washed sock, a cut of floss, the wear of a sponge.');
    }

    public static function mediaPrice(): Assumption
    {
        return new Assumption(
            'style-media-price',
            'Price of activated carbon and phosphate media',
            22.0,
            'per L',
            AssumptionKind::Estimate,
            'From memory; grades and pack sizes differ widely.',
        );
    }

    public static function sumpHeight(): Assumption
    {
        return new Assumption(
            'style-sump-height',
            'Highest sump that leaves room to work, as a share of the cabinet',
            0.55,
            '',
            AssumptionKind::Estimate,
            'From memory: hands, cups and socks have to come out above it.',
        );
    }

    public static function sumpFill(): Assumption
    {
        return new Assumption(
            'style-sump-fill',
            'How full a sump runs',
            0.5,
            '',
            AssumptionKind::Practice,
            'Common practice: about half, the rest is for a power cut.',
        );
    }

    public static function rearShare(): Assumption
    {
        return new Assumption(
            'style-rear-share',
            'Share of the tank that a rear chamber takes from the display',
            0.12,
            '',
            AssumptionKind::Estimate,
            'From memory; 10 to 20 % by model.',
        );
    }

    private static function estimate(
        string $key,
        Style $style,
        string $label,
        float $value,
        string $unit,
        string $source,
    ): Assumption {
        return new Assumption(
            "style-{$key}-{$style->value}",
            "{$style->label()}: ".lcfirst($label),
            $value,
            $unit,
            AssumptionKind::Estimate,
            ucfirst($source),
        );
    }
}
