<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Forecast\Bands\Nutrient;
use Ithys\Forecast\Outlook;
use Ithys\History\Story;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Learned;

/** How forecasts of foreign tanks come true, as a keeper is shown them. */
final class ForeignForecasts
{
    /**
     * @param  list<int>  $seeds
     * @return array{held: array<string, float>, error: array<string, float>, lately: array<string, float>, asks: float}
     *   share of bands of 80 % that held, root mean square errors of the log of the middle and of the mean of the last
     *   four readings, by nutrient and weeks; and the share of tanks that were asked what changed
     */
    public static function of(string $row, array $seeds): array
    {
        $held = $error = $lately = [];
        $asks = 0;
        foreach ($seeds as $seed) {
            $tank = new ForeignTank($row, $seed);
            $learned = Learned::of(static fn (Story $story): Timeline => $tank->timeline($story));
            $outlook = Outlook::among(array_map(static fn (array $one): array => [
                $one[1],
                Outlook::of($tank->timeline($one[0]), $one[2]),
            ], $learned->stories));
            $asks += $outlook->alarm->asks() ? 1 : 0;
            $along = $outlook->along($outlook->present, 12);
            foreach ($along as $key => $points) {
                $scale = Nutrient::of(Parameter::from($key))->scale(...);
                foreach ([4, 12] as $weeks) {
                    $point = $points[2 * $weeks];
                    $truth = $tank->later($key, 7 * $weeks);
                    $held["{$key} {$weeks}"][] = $truth >= $point->low && $truth <= $point->high ? 1.0 : 0.0;
                    $error["{$key} {$weeks}"][] = ($scale($point->level) - $scale($truth)) ** 2;
                    $lately["{$key} {$weeks}"][] = ($scale($tank->lately($key)) - $scale($truth)) ** 2;
                }
            }
        }
        $mean = static fn (array $all): float => array_sum($all) / count($all);
        $root = static fn (array $all): float => sqrt(array_sum($all) / count($all));

        return [
            'held' => array_map($mean, $held),
            'error' => array_map($root, $error),
            'lately' => array_map($root, $lately),
            'asks' => $asks / count($seeds),
        ];
    }
}
