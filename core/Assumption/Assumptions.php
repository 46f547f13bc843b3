<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** Every default of the core, once, beside its source. */
final class Assumptions
{
    public static function sandDisplacement(): Assumption
    {
        return new Assumption('sand-displacement', 'Water displaced by sand', 0.36, 'L/kg', AssumptionKind::Estimate,
            'Aragonite grains at 2.75 kg/L; the water between the grains still counts as water.');
    }

    public static function rockDisplacement(): Assumption
    {
        return new Assumption('rock-displacement', 'Water displaced by porous rock', 0.5, 'L/kg', AssumptionKind::Estimate,
            'From memory; 0.4 to 0.6 L/kg by how porous the rock is.');
    }

    public static function moderateTurnoverLow(): Assumption
    {
        return self::turnover('moderate-low', 'Moderate school, least', 5.0);
    }

    public static function moderateTurnoverHigh(): Assumption
    {
        return self::turnover('moderate-high', 'Moderate school, most', 10.0);
    }

    public static function briskTurnoverLow(): Assumption
    {
        return self::turnover('brisk-low', 'Brisk school, least', 10.0);
    }

    public static function briskTurnoverHigh(): Assumption
    {
        return self::turnover('brisk-high', 'Brisk school, most', 30.0);
    }

    public static function freshwaterTurnover(): Assumption
    {
        return self::turnover('freshwater', 'Freshwater figure, too low for a reef', 2.0);
    }

    public static function frozenCube(): Assumption
    {
        return new Assumption('frozen-cube', 'One small frozen cube', 3.5, 'g', AssumptionKind::Estimate, 'From memory; weigh yours.');
    }

    public static function sourceWater(): Assumption
    {
        return new Assumption('source-water', 'Nitrate and phosphate in new salt water', 0.0, 'ppm', AssumptionKind::Estimate,
            'Purified water and a clean salt mix; test yours once.');
    }

    public static function wantedShare(): Assumption
    {
        return new Assumption('wanted-share', 'Smallest change worth knowing, as a share of the level over four weeks', 0.2, '', AssumptionKind::Estimate,
            'Ours: a fifth of the level in four weeks is about what a keeper would act on.');
    }

    public static function belowLimitShare(): Assumption
    {
        return new Assumption('below-limit', 'A reading below the limit of the kit counts as this share of the limit', 0.5, '', AssumptionKind::Practice,
            'Half the limit is the usual stand-in for a value below detection.');
    }

    public static function mediaSettling(): Assumption
    {
        return new Assumption('media-settling', 'Settling time after a media charge', 1.0, 'd', AssumptionKind::Estimate, 'From memory; rinsed media works within a day.');
    }

    public static function biologySettling(): Assumption
    {
        return new Assumption('biology-settling', 'Settling time after a change that works through algae or bacteria', 3.0, 'd', AssumptionKind::Estimate,
            'From memory; algae and bacteria take days to follow.');
    }

    public static function mediaWear(): Assumption
    {
        return new Assumption('media-wear', 'How long a phosphate medium keeps changing as it wears out', 90.0, 'd', AssumptionKind::Estimate,
            'From memory; GFO lasts weeks to a few months, alumina about half a year.');
    }

    public static function gfoMost(): Assumption
    {
        return new Assumption('gfo-most', 'Phosphate that GFO can hold at the most; half of it at 0.33 ppm (Langmuir)', 12.0, 'mg/g', AssumptionKind::Estimate, 'From memory; grades differ.');
    }

    public static function gfoAffinity(): Assumption
    {
        return new Assumption('gfo-affinity', 'How readily GFO binds phosphate (Langmuir K)', 3.0, 'L/mg', AssumptionKind::Estimate, 'From memory; grades differ.');
    }

    public static function aluminaMost(): Assumption
    {
        return new Assumption('alumina-most', 'Phosphate that alumina can hold at the most; half of it at 0.5 ppm (Langmuir)', 8.0, 'mg/g', AssumptionKind::Estimate, 'From memory; grades differ.');
    }

    public static function aluminaAffinity(): Assumption
    {
        return new Assumption('alumina-affinity', 'How readily alumina binds phosphate (Langmuir K)', 2.0, 'L/mg', AssumptionKind::Estimate, 'From memory; grades differ.');
    }

    private static function turnover(string $key, string $label, float $perHour): Assumption
    {
        return new Assumption('turnover-'.$key, $label, $perHour, 'volumes/h', AssumptionKind::Practice, 'Common practice; schools differ.');
    }
}
