<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Scenario;

use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Snapshot;

/** A scenario run day by day, as its result file has it: levels, states and the ledger after the day's entries. */
final class ScenarioResult
{
    /** Lines that only one of the elements has. */
    private const OF_ONE = ['denitrified' => 'n', 'media' => 'p', 'lanthanum' => 'p', 'rock' => 'p'];

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidLever
     */
    public static function of(Scenario $scenario, float $tolerance = 1e-7): array
    {
        $simulation = $scenario->simulation($tolerance);
        $days = range(0, (int) floor($scenario->days));
        $snapshots = array_map(static fn (int $day): Snapshot => $simulation->at((float) $day), $days);
        $first = $snapshots[0]->balance;

        return [
            'scenario' => $scenario->name,
            'solver' => 'Dormand-Prince 5(4)',
            'rtol' => $tolerance,
            'day' => $days,
            'no3' => array_map(static fn (Snapshot $one): float => $one->nitrate(), $snapshots),
            'po4' => array_map(static fn (Snapshot $one): float => $one->phosphate(), $snapshots),
            'states' => self::states($snapshots),
            'ledger' => [
                'n' => self::ledger($snapshots, Element::Nitrogen),
                'p' => self::ledger($snapshots, Element::Phosphorus),
            ],
            'closure' => array_combine(['n', 'p'], array_map(
                static fn (Element $element): float => max(array_map(
                    static fn (Snapshot $one): float => $one->balance->gap($first, $element),
                    $snapshots,
                )),
                Element::cases(),
            )),
            'evaluations' => $simulation->evaluations,
        ];
    }

    /**
     * @param  list<Snapshot>  $snapshots
     * @return array<string, list<float>> mg of the element, mg of carbon, g dry and mg of phosphate
     */
    private static function states(array $snapshots): array
    {
        $states = [];
        foreach ($snapshots as $at => $snapshot) {
            $plant = $snapshot->plant;
            $now = [
                'settled_n' => $plant->settled[0],
                'settled_p' => $plant->settled[1],
                'organic_n' => $plant->organic[0],
                'organic_p' => $plant->organic[1],
                'inorganic_n' => $plant->inorganic[0],
                'inorganic_p' => $plant->inorganic[1],
                'rock_p' => $plant->rock,
                'carbon' => $plant->carbon,
                'bacteria' => $plant->bacteria,
            ];
            foreach ($plant->stages as $name => $stage) {
                $now += ["held_n:{$name}" => $stage->nitrogen, "held_p:{$name}" => $stage->phosphorus];
            }
            foreach ($plant->cultures as $name => $culture) {
                $now["algae:{$name}"] = $culture->grams;
            }
            foreach ($plant->charges as $name => $charge) {
                $now += [
                    "load:{$name}" => $charge->load,
                    "adsorbed_n:{$name}" => $charge->nitrogen,
                    "adsorbed_p:{$name}" => $charge->phosphorus,
                ];
            }
            foreach ($now as $key => $value) {
                // Before it was there it held nothing.
                $states[$key] ??= array_fill(0, $at, 0.0);
                $states[$key][] = $value;
            }
        }

        return $states;
    }

    /**
     * @param  list<Snapshot>  $snapshots
     * @return array<string, array<string, list<float>>> mg since the start
     */
    private static function ledger(array $snapshots, Element $element): array
    {
        $x = $element === Element::Nitrogen ? 0 : 1;
        $series = ['in' => [], 'out' => [], 'stores' => []];
        foreach ($snapshots as $one) {
            $balance = $one->balance;
            $sides = ['in' => $balance->in, 'out' => $balance->out, 'stores' => $balance->stores];
            foreach ($sides as $side => $lines) {
                foreach ($lines as $line => $pair) {
                    if ((self::OF_ONE[$line] ?? $element->value) === $element->value) {
                        $series[$side][$line][] = $pair[$x];
                    }
                }
            }
        }

        return $series;
    }
}
