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
        return new Assumption(
            'rock-displacement',
            'Water displaced by porous rock',
            0.5,
            'L/kg',
            AssumptionKind::Estimate,
            'From memory; 0.4 to 0.6 L/kg by how porous the rock is.',
        );
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
        return new Assumption(
            'frozen-cube',
            'One small frozen cube',
            3.5,
            'g',
            AssumptionKind::Estimate,
            'From memory; weigh yours.',
        );
    }

    public static function sourceWater(): Assumption
    {
        return new Assumption(
            'source-water',
            'Nitrate and phosphate in new salt water',
            0.0,
            'ppm',
            AssumptionKind::Estimate,
            'Purified water and a clean salt mix; test yours once.',
        );
    }

    public static function wantedShare(): Assumption
    {
        return new Assumption(
            'wanted-share',
            'Smallest change worth knowing, as a share of the level over four weeks',
            0.2,
            '',
            AssumptionKind::Estimate,
            'Ours: a fifth of the level in four weeks is about what a keeper would act on.',
        );
    }

    public static function belowLimitShare(): Assumption
    {
        return new Assumption(
            'below-limit',
            'A reading below the limit of the kit counts as this share of the limit',
            0.5,
            '',
            AssumptionKind::Practice,
            'Half the limit is the usual stand-in for a value below detection.',
        );
    }

    public static function mediaSettling(): Assumption
    {
        return new Assumption(
            'media-settling',
            'Settling time after a media charge',
            1.0,
            'd',
            AssumptionKind::Estimate,
            'From memory; rinsed media works within a day.',
        );
    }

    public static function biologySettling(): Assumption
    {
        return new Assumption(
            'biology-settling',
            'Settling time after a change that works through algae or bacteria',
            3.0,
            'd',
            AssumptionKind::Estimate,
            'From memory; algae and bacteria take days to follow.',
        );
    }

    public static function mediaWear(): Assumption
    {
        return new Assumption(
            'media-wear',
            'How long a phosphate medium keeps changing as it wears out',
            90.0,
            'd',
            AssumptionKind::Estimate,
            'From memory; GFO lasts weeks to a few months, alumina about half a year.',
        );
    }

    public static function gfoMost(): Assumption
    {
        return new Assumption(
            'gfo-most',
            'Phosphate that GFO can hold at the most; half of it at 0.33 ppm (Langmuir)',
            12.0,
            'mg/g',
            AssumptionKind::Estimate,
            'From memory; grades differ.',
        );
    }

    public static function gfoAffinity(): Assumption
    {
        return new Assumption(
            'gfo-affinity',
            'How readily GFO binds phosphate (Langmuir K)',
            3.0,
            'L/mg',
            AssumptionKind::Estimate,
            'From memory; grades differ.',
        );
    }

    public static function aluminaMost(): Assumption
    {
        return new Assumption(
            'alumina-most',
            'Phosphate that alumina can hold at the most; half of it at 0.5 ppm (Langmuir)',
            8.0,
            'mg/g',
            AssumptionKind::Estimate,
            'From memory; grades differ.',
        );
    }

    public static function aluminaAffinity(): Assumption
    {
        return new Assumption(
            'alumina-affinity',
            'How readily alumina binds phosphate (Langmuir K)',
            2.0,
            'L/mg',
            AssumptionKind::Estimate,
            'From memory; grades differ.',
        );
    }

    public static function zeoliteFlow(): Assumption
    {
        return new Assumption(
            'zeolite-flow',
            'Flow at which zeolite is dosed in full',
            500.0,
            'L/h',
            AssumptionKind::Practice,
            'Common practice; the dose is cut in a faster path.',
        );
    }

    public static function smallRollerFlow(): Assumption
    {
        return new Assumption(
            'small-roller-flow',
            'Most flow through a roller in a 4 in hole',
            2839.058838,
            'L/h',
            AssumptionKind::Practice,
            'Common practice: 750 US gal/h.',
        );
    }

    public static function largeRollerFlow(): Assumption
    {
        return new Assumption(
            'large-roller-flow',
            'Most flow through a roller in a 7 in hole',
            6813.7412112,
            'L/h',
            AssumptionKind::Practice,
            'Common practice: 1800 US gal/h.',
        );
    }

    public static function smallSockFlow(): Assumption
    {
        return new Assumption(
            'small-sock-flow',
            'Flow a 4 in sock takes without backing up soon',
            1200.0,
            'L/h',
            AssumptionKind::Estimate,
            'From memory; a soiled one takes far less.',
        );
    }

    public static function largeSockFlow(): Assumption
    {
        return new Assumption(
            'large-sock-flow',
            'Flow a 7 in sock takes without backing up soon',
            2800.0,
            'L/h',
            AssumptionKind::Estimate,
            'From memory; a soiled one takes far less.',
        );
    }

    public static function gravelPerLitre(): Assumption
    {
        return new Assumption(
            'gravel-per-litre',
            'Biological media for a litre of tank',
            550 / 60,
            'g/L',
            AssumptionKind::Practice,
            'Common practice: about 550 g of porous gravel suits about 60 L.',
        );
    }

    public static function biologicalSpare(): Assumption
    {
        return new Assumption(
            'biological-spare',
            'Biological media to buy, in times of the need',
            3.0,
            '',
            AssumptionKind::Practice,
            'Common practice: three thirds, so that one can be renewed at a time.',
        );
    }

    public static function biologicalRenewal(): Assumption
    {
        return new Assumption(
            'biological-renewal',
            'Months after which one third of the biological media is renewed',
            6.0,
            'months',
            AssumptionKind::Practice,
            'Common practice; never all of it at once.',
        );
    }

    public static function heaterCover(): Assumption
    {
        return new Assumption(
            'heater-cover',
            'Water over the minimum line of a heater with the return emptied',
            12.7,
            'mm',
            AssumptionKind::Practice,
            'Common practice: about 1/2 in emptied, 3/4 to 1 in running.',
        );
    }

    public static function rearClearance(): Assumption
    {
        return new Assumption('rear-clearance', 'Free space behind the tank', 75.0, 'mm', AssumptionKind::Practice,
            'Common practice: at least 3 in for pipes, cords and a hand.');
    }

    public static function spareSockets(): Assumption
    {
        return new Assumption(
            'spare-sockets',
            'Further sockets for flow pumps, light and gadgets',
            6.0,
            '',
            AssumptionKind::Practice,
            'Common practice: at least six beside those of the filter.',
        );
    }

    public static function refugiumLight(): Assumption
    {
        return new Assumption(
            'refugium-light',
            'Light for macroalgae, for a litre of tank',
            18 / 150,
            'W/L',
            AssumptionKind::Practice,
            'Common practice: 2 x 9 W on 150 L is a small start.',
        );
    }

    public static function lightStock(): Assumption
    {
        return new Assumption(
            'light-stock',
            'Skimmer litres for a litre of lightly stocked tank',
            1.0,
            '',
            AssumptionKind::Estimate,
            'Makers rate skimmers for light stock; from memory.',
        );
    }

    public static function mediumStock(): Assumption
    {
        return new Assumption(
            'medium-stock',
            'Skimmer litres for a litre of tank with medium stock',
            1.5,
            '',
            AssumptionKind::Estimate,
            'From memory; makers give two or three figures.',
        );
    }

    public static function heavyStock(): Assumption
    {
        return new Assumption(
            'heavy-stock',
            'Skimmer litres for a litre of heavily stocked tank',
            2.0,
            '',
            AssumptionKind::Estimate,
            'From memory; makers give two or three figures.',
        );
    }

    public static function skimmerAir(): Assumption
    {
        return new Assumption(
            'skimmer-air',
            'Air a skimmer draws for a litre it is rated for',
            1.2,
            'L/h per L',
            AssumptionKind::Estimate,
            'From memory; designs differ.',
        );
    }

    public static function aluminaVolume(): Assumption
    {
        return new Assumption(
            'alumina-volume',
            'Alumina phosphate remover for a litre of tank',
            ((3.5 * 0.2365882365) / (55 * 3.785411784)) * 1000,
            'mL/L',
            AssumptionKind::Practice,
            'Common practice: 3 to 4 cups on 55 US gal.',
        );
    }

    public static function carbonVolume(): Assumption
    {
        return new Assumption(
            'carbon-volume',
            'Activated carbon for a litre of tank',
            1.0,
            'mL/L',
            AssumptionKind::Estimate,
            'From memory; schools differ from none to twice this.',
        );
    }

    public static function powerPrice(): Assumption
    {
        return new Assumption('power-price', 'Price of power', 0.3, 'per kWh', AssumptionKind::Estimate,
            'A household price from memory; enter yours.');
    }

    public static function orificeCoefficient(): Assumption
    {
        return new Assumption(
            'orifice',
            'Discharge coefficient of a gap under a baffle',
            0.6,
            '',
            AssumptionKind::Estimate,
            'Handbook value for a sharp-edged orifice, from memory.',
        );
    }

    public static function bubbleSpeed(): Assumption
    {
        return new Assumption(
            'bubble-speed',
            'Water faster than this under a baffle carries bubbles along',
            0.1,
            'm/s',
            AssumptionKind::Estimate,
            'From memory: small bubbles rise at about a tenth of a metre a second.',
        );
    }

    public static function gapLoss(): Assumption
    {
        return new Assumption(
            'gap-loss',
            'Most difference in level worth having across an under-gap',
            5.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; more means that the gap is too narrow.',
        );
    }

    public static function pvcRoughness(): Assumption
    {
        return new Assumption('pvc-roughness', 'Roughness of PVC pipe', 0.0015, 'mm', AssumptionKind::Published,
            'Handbook value for drawn plastic tubing, as in the EPANET manual.');
    }

    public static function evaporation(): Assumption
    {
        return new Assumption(
            'evaporation',
            'Water that evaporates, for a square metre of surface',
            4.0,
            'L/d per m²',
            AssumptionKind::Estimate,
            'From memory; heat, fans and open tops double it.',
        );
    }

    public static function glassStrength(): Assumption
    {
        return new Assumption(
            'glass-strength',
            'Bending strength of annealed float glass',
            19.3,
            'MPa',
            AssumptionKind::Estimate,
            'From memory, as hobby tables have it; edges, scratches and age lower it.',
        );
    }

    public static function acrylicStrength(): Assumption
    {
        return new Assumption(
            'acrylic-strength',
            'Bending stress acrylic bears for years',
            13.8,
            'MPa',
            AssumptionKind::Estimate,
            'From memory; acrylic creeps, so that its short-time strength counts for little.',
        );
    }

    public static function panelSafety(): Assumption
    {
        return new Assumption('panel-safety', 'Safety factor wanted of a panel', 3.8, '', AssumptionKind::Estimate,
            'From memory, as hobby tables have it; makers use their own.');
    }

    public static function siliconeGap(): Assumption
    {
        return new Assumption(
            'silicone-gap',
            'Gap for silicone at each side of a baffle',
            1.5,
            'mm',
            AssumptionKind::Estimate,
            'From memory; 1 to 2 mm let the silicone in and still hold the sheet.',
        );
    }

    public static function cornerRelief(): Assumption
    {
        return new Assumption(
            'corner-relief',
            'Corner cut off where the tank has its own bead of silicone',
            8.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; measure the bead of your tank.',
        );
    }

    public static function combSlot(): Assumption
    {
        return new Assumption('comb-slot', 'Width of a slot in a comb', 6.0, 'mm', AssumptionKind::Estimate,
            'From memory: narrow enough for snails, wide enough not to clog.');
    }

    public static function combTeeth(): Assumption
    {
        return new Assumption(
            'comb-teeth',
            'Height of the teeth of a comb over the edge the water goes over',
            25.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory: more than the head of most returns, so that nothing is carried over the tips.',
        );
    }

    public static function leastTooth(): Assumption
    {
        return new Assumption('least-tooth', 'Narrowest tooth of a comb', 3.0, 'mm', AssumptionKind::Estimate,
            'From memory: thinner teeth break when they are cut or cleaned.');
    }

    public static function rimMargin(): Assumption
    {
        return new Assumption(
            'rim-margin',
            'Room wanted under the rim after a power cut',
            15.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory: a wave, a slow check valve or a little too much top-up.',
        );
    }

    public static function workingRoom(): Assumption
    {
        return new Assumption('working-room', 'Room for a hand around a device', 20.0, 'mm', AssumptionKind::Estimate,
            'From memory; it has to come out to be cleaned.');
    }

    public static function standingOverRoller(): Assumption
    {
        return new Assumption(
            'standing-over-roller',
            'Water that must be able to stand over the tray of a fleece roller',
            38.0,
            'mm',
            AssumptionKind::Practice,
            'Common practice: 1.5 in; the rising water is what moves it on.',
        );
    }

    public static function roomUnderRoller(): Assumption
    {
        return new Assumption(
            'room-under-roller',
            'Free height below the tray of a fleece roller',
            208.28,
            'mm',
            AssumptionKind::Practice,
            'Common practice: 8.2 in.',
        );
    }

    public static function trayWeb(): Assumption
    {
        return new Assumption(
            'tray-web',
            'Sheet left between two openings of a tray, and at its edges',
            15.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; less breaks when a full sock is pulled out.',
        );
    }

    public static function trayClearance(): Assumption
    {
        return new Assumption(
            'tray-clearance',
            'Gap at each side of a tray that is dropped in',
            1.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; it has to come out again.',
        );
    }

    public static function trayLedge(): Assumption
    {
        return new Assumption('tray-ledge', 'Width of the ledge a tray rests on', 20.0, 'mm', AssumptionKind::Estimate,
            'From memory.');
    }

    public static function sockClearance(): Assumption
    {
        return new Assumption(
            'sock-clearance',
            'Water left under the foot of a sock',
            20.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; a sock that stands on the floor closes its own way out.',
        );
    }

    public static function dryChamber(): Assumption
    {
        return new Assumption(
            'dry-chamber',
            'Water under which a chamber counts as dry',
            25.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; no pump, skimmer or heater works in less.',
        );
    }

    public static function blackout(): Assumption
    {
        return new Assumption(
            'blackout',
            'Black acrylic that keeps the light of a refugium in',
            5.0,
            'mm',
            AssumptionKind::Practice,
            'Common practice: 5 mm blocks the light, 2 mm lets it through.',
        );
    }

    public static function kerf(): Assumption
    {
        return new Assumption('kerf', 'Width a saw takes between two pieces', 3.0, 'mm', AssumptionKind::Estimate,
            'From memory; a blade or scissors take nothing.');
    }

    public static function basketBypass(): Assumption
    {
        return new Assumption(
            'basket-bypass',
            'Most gap beside a media basket before the water passes by',
            3.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; pads cut tight close what is left.',
        );
    }

    public static function outOfSquare(): Assumption
    {
        return new Assumption(
            'out-of-square',
            'Difference between front and back, or top and bottom, that can still be glued',
            2.0,
            'mm',
            AssumptionKind::Estimate,
            'From memory; more than that and the gaps for silicone are no longer even.',
        );
    }

    private static function turnover(string $key, string $label, float $perHour): Assumption
    {
        return new Assumption(
            'turnover-'.$key,
            $label,
            $perHour,
            'volumes/h',
            AssumptionKind::Practice,
            'Common practice; schools differ.',
        );
    }
}
