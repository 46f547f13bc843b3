<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Assumption\Assumptions;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Scenario\Scenario;
use Ithys\Nutrient\Scenario\ScenarioDocument;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Scenarios for the nutrient model: given, or at random, the same ones for the same seed. All are made up. */
final class Scenarios
{
    /** @param  array<string, mixed>  $document  what is not the usual */
    public static function of(array $document): Scenario
    {
        return ScenarioDocument::read(
            $document + ['name' => 'test', 'days' => 365, 'start' => ['no3' => 5, 'po4' => 0.05], 'entries' => []],
            Parameters::of(Assumptions::standard()),
        );
    }

    /** @return array<string, mixed> a year of a tank with everything in it that a keeper may do */
    public static function random(int $seed, int $days = 120): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $between = static fn (float $low, float $high): float => $low
            + ($high - $low) * $random->getInt(0, 1_000_000_000) / 1e9;
        $pick = static fn (array $all): mixed => $all[$random->getInt(0, count($all) - 1)];
        $litres = round($between(40, 900));
        $entries = [
            ['at' => 0, 'do' => 'feed-schedule', 'foods' => [
                ['food' => $pick(['pellet', 'flake']), 'grams_per_day' => $litres / 300 * $between(0.2, 1.2)],
                ['food' => $pick(['frozen', 'seaweed']), 'grams_per_day' => $litres / 300 * $between(0, 4)],
            ], 'grows_with_stock' => $random->getInt(0, 1) === 1],
            ['at' => 0, 'do' => 'stock', 'grams' => 100, 'growth_per_week' => $between(-0.01, 0.03)],
            ['at' => 0, 'do' => 'mechanical', 'stage' => 'a', 'medium' => $pick(['felt', 'mesh', 'roller', 'pad'])],
            ['at' => 0, 'do' => 'mechanical', 'stage' => 'b', 'medium' => $pick(['sponge', 'floss', 'none'])],
            ['at' => 0, 'do' => 'skimmer', 'on' => true, 'share' => $between(0.2, 0.7)],
            ['at' => 2, 'do' => 'algae', 'culture' => 'refugium', 'watts' => $between(0, 40), 'hours' => 12,
                'add_g_dry' => 5],
        ];
        for ($n = 0; $n < 30; $n++) {
            $entries[] = ['at' => $between(0, $days), ...$pick([
                ['do' => 'change', 'stage' => 'a'],
                ['do' => 'change', 'stage' => 'b', 'share' => 0.7, 'spilled' => 0.2],
                ['do' => 'water-change', 'share' => $between(0.05, 0.5)],
                ['do' => 'feed', 'food' => 'frozen', 'grams' => $between(0, 8)],
                ['do' => 'feed-exception', 'days' => $between(1, 9), 'times' => $between(0, 2)],
                ['do' => 'skimmer', 'on' => $random->getInt(0, 1) === 1],
                ['do' => 'skimmer', 'share' => $between(0.2, 0.8), 'off_hours_per_day' => $between(0, 5)],
                ['do' => 'siphon', 'share' => $between(0, 1)],
                ['do' => 'dose', 'source' => 'spirit', 'ml' => $litres / 300 * $between(0, 3)],
                ['do' => 'flow', 'turnover_per_h' => $between(0, 12)],
                ['do' => 'lanthanum', 'mg' => $between(0, 20)],
                ['do' => 'media', 'charge' => "c{$n}",
                    'medium' => $pick(['gfo', 'alumina', 'activated-carbon', 'resin']),
                    'grams' => $litres * $between(0.1, 1), 'place' => $pick(['reactor', 'bag', 'basket']),
                    'vessel' => $pick(['one', 'two'])],
            ])];
        }
        foreach ([20, 50, 90] as $day) {
            $entries[] = ['at' => $day, 'do' => 'harvest', 'culture' => 'refugium', 'share' => 0.4];
        }

        return [
            'days' => $days,
            'tank' => ['litres' => $litres, 'rock_kg' => $litres * $between(0, 0.15), 'sand_kg' => $between(0, 40),
                'topoff_l_per_day' => $between(0, 8)],
            'start' => ['no3' => $between(0, 20), 'po4' => $between(0, 0.3), 'steady' => true],
            'parameters' => ['topoff_no3' => 0.3, 'new_no3' => 0.4, 'new_po4' => 0.01],
            'entries' => $entries,
        ];
    }
}
