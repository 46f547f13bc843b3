<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\History\Course\Fresh;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Simulation;
use Ithys\Nutrient\Start;

/**
 * How far media lower phosphate in their first week, by the model in a tank that is neither fed nor changed: what food
 * brings in and what a water change takes out are not theirs.
 */
final class WeeklyFall
{
    private const WEEK = 7.0;

    /** g a litre of the tank: the most that is looked at. */
    private const MOST = 10.0;

    private const HALVINGS = 16;

    /**
     * @param  float  $level  ppm of phosphate before
     *
     * @throws InvalidLever
     */
    public static function of(DoseContext $here, Fresh $fresh, float $level): float
    {
        $turnover = $here->setup->litresPerHour()->value ?? 0.0;
        $run = new Simulation(
            new Basin(
                $here->litres(),
                $here->setup->tank->ground->rockKg,
                $here->setup->tank->ground->sandKg,
                $turnover > 0.0 ? $turnover / $here->litres() : Basin::TURNOVER,
            ),
            new Start(1.0, $level),
            // What lives in the tank takes and food brings, about as much: neither is the medium's.
            Parameters::of($here->assumptions)->with(['background_no3' => 0.0, 'background_po4' => 0.0]),
            $fresh->grams > 0.0 ? [$fresh->act(0.0), ...self::recent($here, $fresh)] : [],
            1e-4,
        );

        return max(0.0, $level - $run->before(self::WEEK)->phosphate());
    }

    /** How far it may fall in a week, ppm: a share of the level or so much, whichever comes first. */
    public static function limit(DoseContext $here, float $level): float
    {
        return min($here->assumptions->value('fall-limit'), $here->assumptions->value('fall-share') * $level);
    }

    /**
     * The most that keeps to the limit, g.
     *
     * @throws InvalidLever
     */
    public static function gentle(DoseContext $here, Fresh $fresh, float $level): float
    {
        $limit = self::limit($here, $level);
        [$low, $high] = [0.0, self::MOST * $here->litres()];
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            self::of($here, $fresh->weighing($middle), $level) > $limit ? $high = $middle : $low = $middle;
        }

        return $low;
    }

    /**
     * Charges of the last week, which are still taking most.
     *
     * @return list<Act>
     */
    private static function recent(DoseContext $here, Fresh $fresh): array
    {
        $acts = [];
        foreach ($here->charges() as $charge) {
            if ($charge->days($here->at) <= self::WEEK && $charge->medium()->bindsPhosphate()
                && $charge->medium() !== $fresh->medium) {
                $acts[] = (new Fresh($charge->medium(), $charge->grams($here->assumptions)))->act(0.0);
            }
        }

        return $acts;
    }

    /** The medium of a charge and where it goes. */
    public static function fresh(MediaCharge $charge, DoseContext $here): Fresh
    {
        $item = $charge->item === null ? null : $here->setup->path?->find($charge->item);
        $flow = $item === null ? null : $here->setup->situation()?->course->flowAt($item);

        return new Fresh(
            $charge->medium,
            $here->grams($charge),
            $charge->place ?? Place::Bag,
            $flow,
        );
    }
}
