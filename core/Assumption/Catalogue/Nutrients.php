<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * The figures of the nutrient model: where nitrogen and phosphorus go. Rates are a day, shares are of one, levels ppm
 * of the ion.
 */
final class Nutrients
{
    /** Key, what it is, value, least, most. */
    private const RATES = [
        ['held-decay', 'What a sock or pad holds rots, of it a day', 0.15, 0.08, 0.3],
        ['settled-decay', 'What has settled rots, of it a day', 0.1, 0.05, 0.2],
        ['mineralisation', 'Dissolved organics turn into nitrate and phosphate, of them a day', 0.3, 0.15, 0.6],
        ['roller-tau', 'How long waste stays on a fleece roller, days', 0.25, 0.1, 3.0],
        ['roller-exposed', 'Fleece of a roller that is spread in the flow, mm', 150.0, 50.0, 400.0],
        ['settling', 'How often a day what floats would settle, at the usual circulation', 20.0, 5.0, 60.0],
        ['settling-min', 'The same at the least', 5.0, 1.0, 20.0],
        ['settling-max', 'The same at the most', 60.0, 20.0, 200.0],
        ['display-reference', 'Circulation in the display that counts as usual, volumes an hour', 20.0, 5.0, 60.0],
        ['display-exponent', 'How much circulation keeps afloat: settling goes with this power of it', 0.5, 0.0, 1.5],
        ['bare-bottom-factor', 'Settling on a bare bottom, times that on sand', 0.5, 0.1, 1.0],
        ['algae-growth', 'Growth of algae under light all day, of them a day', 0.2, 0.1, 0.4],
        ['algae-g-per-watt', 'Algae that a light carries, g dry a watt', 2.0, 1.0, 5.0],
        ['algae-loss', 'Algae lost to the water, of them a day', 0.02, 0.005, 0.05],
        ['carbon-uptake', 'Bacteria take up organic carbon, of it a day', 2.0, 1.0, 4.0],
        ['carbon-loss', 'Organic carbon lost unused, of it a day', 0.5, 0.25, 1.0],
        ['bacteria-c-p-atoms', 'Carbon for one phosphorus in bacteria, atoms', 100.0, 50.0, 150.0],
        ['bacteria-c-n-atoms', 'Carbon for one nitrogen in bacteria, atoms', 5.0, 3.0, 8.0],
        ['bacteria-lysis', 'Bacteria fall apart, of them a day', 0.2, 0.1, 0.4],
        ['bacteria-filtered', 'Bacteria caught where a sock, pad or roller is fitted, of them a day', 0.05, 0.0, 0.15],
        ['background-no3', 'Nitrate taken up by all else that lives in the tank, ppm a day', 0.2, 0.0, 1.0],
        ['background-po4', 'Phosphate taken up by all else that lives in the tank, ppm a day', 0.02, 0.0, 0.1],
        ['denitrification', 'Nitrogen that rock and sand let go as gas, mg a kg and day', 0.3, 0.0, 2.0],
        ['rock-rate', 'Phosphate moves into and out of rock, of the distance a day', 0.02, 0.005, 0.1],
        ['rock-capacity', 'Phosphorus on rock in balance with 1 ppm of phosphate, mg a kg', 10.0, 3.0, 40.0],
        ['rock-exponent', 'Bend of that balance (Freundlich)', 0.5, 0.3, 0.8],
        ['sand-as-rock', 'Sand counts as this much rock', 0.5, 0.0, 1.0],
        ['contact-reactor', 'Media in a reactor meet the water', 1.0, 0.33, 1.0],
        ['contact-canister', 'Media in a canister meet the water, of what a reactor gives', 0.9, 0.3, 1.0],
        ['contact-basket', 'Media in a basket meet the water, of what a reactor gives', 0.6, 0.2, 1.0],
        ['contact-bag', 'Media in a bag in the flow meet the water, of what a reactor gives', 0.4, 0.13, 1.0],
        ['contact-bag-still', 'Media in a bag in still water meet it, of what a reactor gives', 0.15, 0.05, 0.5],
        ['input-factor-n', 'Nitrogen fed, times what the food lists say', 1.0, 0.3, 3.0],
        ['input-factor-p', 'Phosphorus fed, times what the food lists say', 1.0, 0.3, 3.0],
    ];

    private const SHARES = [
        ['retained-n', 'Nitrogen fed that stays in what eats', 0.15, 0.05, 0.25],
        ['excreted-n', 'Nitrogen fed that is excreted dissolved', 0.37, 0.27, 0.47],
        ['leached-n', 'Nitrogen fed that leaches out of food', 0.05, 0.0, 0.15],
        ['particulate-n', 'Nitrogen fed that ends as particles', 0.43, 0.33, 0.53],
        ['retained-p', 'Phosphorus fed that stays in what eats', 0.2, 0.1, 0.3],
        ['excreted-p', 'Phosphorus fed that is excreted dissolved', 0.2, 0.1, 0.3],
        ['leached-p', 'Phosphorus fed that leaches out of food', 0.05, 0.0, 0.15],
        ['particulate-p', 'Phosphorus fed that ends as particles', 0.55, 0.45, 0.65],
        ['coarse-share', 'Particles that are coarse', 0.7, 0.6, 0.8],
        ['catch-felt-coarse', 'Felt catches of coarse particles', 0.85, 0.75, 0.95],
        ['catch-felt-fine', 'Felt catches of fine particles', 0.85, 0.75, 0.95],
        ['catch-mesh-coarse', 'Mesh catches of coarse particles', 0.85, 0.75, 0.95],
        ['catch-mesh-fine', 'Mesh catches of fine particles', 0.05, 0.0, 0.15],
        ['catch-sponge-coarse', 'A sponge catches of coarse particles', 0.6, 0.5, 0.7],
        ['catch-sponge-fine', 'A sponge catches of fine particles', 0.03, 0.0, 0.13],
        ['catch-pad-coarse', 'A pad catches of coarse particles', 0.7, 0.6, 0.8],
        ['catch-pad-fine', 'A pad catches of fine particles', 0.3, 0.2, 0.4],
        ['catch-floss-coarse', 'Floss catches of coarse particles', 0.85, 0.75, 0.95],
        ['catch-floss-fine', 'Floss catches of fine particles', 0.7, 0.6, 0.8],
        ['catch-roller-coarse', 'A fleece roller catches of coarse particles', 0.85, 0.75, 0.95],
        ['catch-roller-fine', 'A fleece roller catches of fine particles', 0.85, 0.75, 0.95],
        ['roller-pump-share', 'Of the flow that a roller gets where a pump feeds it', 0.5, 0.2, 1.0],
        ['bacteria-yield', 'Carbon taken up that becomes bacteria', 0.4, 0.2, 0.6],
        ['lanthanum-efficiency', 'Lanthanum that binds phosphate, of what could', 0.8, 0.5, 1.0],
        ['food-pellet-dry', 'Pellets: dry', 0.92, 0.8, 1.0],
        ['food-pellet-protein', 'Pellets: protein of the dry', 0.48, 0.2, 0.8],
        ['food-pellet-phosphorus', 'Pellets: phosphorus of the dry', 0.013, 0.003, 0.03],
        ['food-flake-dry', 'Flakes: dry', 0.92, 0.8, 1.0],
        ['food-flake-protein', 'Flakes: protein of the dry', 0.48, 0.2, 0.8],
        ['food-flake-phosphorus', 'Flakes: phosphorus of the dry', 0.013, 0.003, 0.03],
        ['food-frozen-dry', 'Frozen food: dry', 0.12, 0.05, 0.3],
        ['food-frozen-protein', 'Frozen food: protein of the dry', 0.6, 0.3, 0.85],
        ['food-frozen-phosphorus', 'Frozen food: phosphorus of the dry', 0.012, 0.003, 0.03],
        ['food-seaweed-dry', 'Dried seaweed: dry', 0.9, 0.7, 1.0],
        ['food-seaweed-protein', 'Dried seaweed: protein of the dry', 0.3, 0.1, 0.5],
        ['food-seaweed-phosphorus', 'Dried seaweed: phosphorus of the dry', 0.005, 0.001, 0.015],
        ['spent-share', 'A charge is spent under this share of what a fresh one would take', 0.2, 0.05, 0.5],
    ];

    private const LEVELS = [
        ['algae-half-no3', 'Nitrate at which algae grow half as fast', 0.5, 0.17, 1.5],
        ['algae-half-po4', 'Phosphate at which algae grow half as fast', 0.02, 0.0067, 0.06],
        ['bacteria-half-no3', 'Nitrate at which dosed bacteria grow half as fast', 0.1, 0.033, 0.3],
        ['bacteria-half-po4', 'Phosphate at which dosed bacteria grow half as fast', 0.01, 0.0033, 0.03],
        ['background-half-no3', 'Nitrate at which all else takes up half as fast', 0.5, 0.17, 1.5],
        ['background-half-po4', 'Phosphate at which all else takes up half as fast', 0.02, 0.0067, 0.06],
        ['denitrification-half-no3', 'Nitrate at which rock lets go half as much gas', 5.0, 1.7, 15.0],
        ['rock-foot', 'Phosphate below which the balance of rock is a line', 0.005, 0.0017, 0.015],
        ['new-no3', 'Nitrate in new salt water', 0.0, 0.0, 50.0],
        ['new-po4', 'Phosphate in new salt water', 0.0, 0.0, 2.0],
        ['topoff-no3', 'Nitrate in top-off water', 0.0, 0.0, 50.0],
        ['topoff-po4', 'Phosphate in top-off water', 0.0, 0.0, 2.0],
    ];

    private const STRENGTH = 'Spirit of 40 %, vinegar of 5 %, and both mixed half and half.';

    private const OTHERS = [
        ['cleaned-share', 'Of what a sponge holds comes out when it is rinsed', 0.8, 0.4, 1.0],
        ['sock-interval', 'Days between sock changes where none is logged', 7.0, 1.0, 60.0],
        ['algae-start', 'Algae at the start, of what their light carries', 0.5, 0.05, 1.0],
    ];

    private const PRACTICE = [
        [
            'skimmer-share', 'A skimmer takes of the organics that turn over', Dimension::Share, 0.5, 0.2, 0.8,
            'Claims go from 30 to 80 %; about half is usual.',
        ],
        ['carbon-spirit', 'Spirit: carbon, mg a mL', Dimension::Plain, 165.0, 80.0, 330.0, self::STRENGTH],
        ['carbon-vinegar', 'Vinegar: carbon, mg a mL', Dimension::Plain, 20.0, 10.0, 40.0, self::STRENGTH],
        ['carbon-blend', 'Blend: carbon, mg a mL', Dimension::Plain, 92.5, 46.0, 185.0, self::STRENGTH],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        $tissue = 'Benthic marine plants, median of atoms 550 C : 30 N : 1 P (Atkinson and Smith 1983).';

        return [
            ...self::estimates(Dimension::Plain, self::RATES),
            ...self::estimates(Dimension::Share, self::SHARES),
            ...self::estimates(Dimension::Concentration, self::LEVELS),
            ...self::estimates(Dimension::Plain, self::OTHERS),
            ...self::fish(),
            ...array_map(static fn (array $row): Assumption => Assumption::practice(
                $row[0],
                $row[1],
                $row[3],
                $row[2],
                $row[6],
                $row[4],
                $row[5],
            ), self::PRACTICE),
            Assumption::published(
                'algae-n',
                'Nitrogen in algae, mg a g dry',
                19.0,
                Dimension::Plain,
                $tissue,
                10.0,
                40.0,
            ),
            Assumption::published(
                'algae-p',
                'Phosphorus in algae, mg a g dry',
                1.4,
                Dimension::Plain,
                $tissue,
                0.5,
                4.0,
            ),
            Assumption::published(
                'protein-per-n',
                'Protein is nitrogen times',
                6.25,
                Dimension::Plain,
                'The usual factor of food labels: protein holds 16 % nitrogen.',
                5.0,
                7.0,
            ),
            Assumption::estimate(
                'algae-dry',
                'Algae weighed wet are dry, of it',
                0.1,
                Dimension::Share,
                'Our estimate, from memory.',
                0.07,
                0.15,
            ),
        ];
    }

    /**
     * What a fish of a size weighs: about 0.02 g times the cube of its length in cm, the usual relation of weight to
     * length, from memory.
     *
     * @return list<Assumption>
     */
    private static function fish(): array
    {
        return array_map(static fn (array $row): Assumption => Assumption::estimate(
            $row[0],
            Text::of(
                '{size} fish, {from} to {to}',
                size: $row[1],
                from: Quantity::length($row[2]),
                to: Quantity::length($row[3]),
            ),
            $row[4],
            Dimension::Mass,
            'About 0.02 times the cube of its length in centimetres; from memory.',
            $row[5],
            $row[6],
        ), [
            ['fish-small', 'Small', 20.0, 50.0, 1.5, 0.3, 5.0],
            ['fish-medium', 'Medium', 50.0, 100.0, 10.0, 3.0, 25.0],
            ['fish-large', 'Large', 100.0, 200.0, 70.0, 20.0, 250.0],
        ]);
    }

    /**
     * @param  list<array{string, string, float, float, float}>  $rows  key, what it is, value, least, most
     * @return list<Assumption>
     */
    private static function estimates(Dimension $dimension, array $rows): array
    {
        return array_map(
            static fn (array $row): Assumption => Assumption::estimate(
                $row[0],
                $row[1],
                $row[2],
                $dimension,
                'Our estimate, from memory.',
                $row[3],
                $row[4],
            ),
            $rows,
        );
    }
}
