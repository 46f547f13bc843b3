<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Finding;
use Ithys\History\Routines;
use Ithys\History\Unlogged;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\FeedPlan\FeedPlan;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWord;
use Ithys\Journal\Stock\Stock;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\FeedException;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Meal;
use Ithys\Nutrient\Lever\Stock as StockLever;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/**
 * What was fed, from the meals and plans of a journal. A meal on a day stands instead of the plan. Where no plan holds
 * and meals are missing from the log, what was fed is what the routine says.
 */
final readonly class Feeding
{
    /**
     * @param  list<Act>  $acts  meal by meal
     * @param  list<Act>  $weekly  the same as a steady rate each week, which a fit makes do with
     * @param  list<Finding>  $remarks
     */
    private function __construct(public array $acts, public array $weekly, public array $remarks)
    {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     *
     * @throws Missing where nothing is said of food
     */
    public static function of(array $entries, DateTimeImmutable $from, float $days, Routines $routines): self
    {
        $acts = $meals = $plans = [];
        $unnamed = 0;
        $stock = self::stock($entries, $from);
        foreach ($entries as $entry) {
            $day = $entry->daysAfter($from);
            if ($entry->payload instanceof FeedPlan) {
                $plans[] = [$day, $entry->payload->perDay, $entry->payload->growsWithStock];
            } elseif ($entry->payload instanceof RoutineWord && ! $entry->payload->goesOn
                && $entry->payload->of === Repeated::Feeding) {
                $plans[] = [$day, null, false];
            } elseif ($entry->payload instanceof Feed) {
                $meals[] = [$day, $entry->payload];
                $unnamed += $entry->payload->food === null ? 1 : 0;
            }
        }
        if ($meals === [] && array_filter(array_column($plans, 1)) === []) {
            throw Missing::food();
        }
        $acts[] = new Act(0.0, new FeedSchedule([]));
        foreach ($plans as [$day, $plan, $grows]) {
            $acts[] = new Act(max(0.0, $day), new FeedSchedule($plan === null ? [] : self::grams($plan), $grows));
        }
        $eaten = [];
        foreach ($meals as [$day, $meal]) {
            if ($day >= 0.0) {
                $acts[] = new Act($day, new Meal(self::food($meal)->value, $meal->grams));
                $whole = floor($day);
                if (! isset($eaten[(int) $whole]) && self::plan($plans, $day) !== null) {
                    $eaten[(int) $whole] = true;
                    $acts[] = new Act($day, new FeedException(1.0, 0.0));
                }
            }
        }
        $remarks = $unnamed === 0
            ? []
            : [self::remark('food-unnamed', 'Food without a name', Text::of(
                'Of {count} meals it is not said what was fed. They count as pellets.',
                count: $unnamed,
            ))];
        [$filled, $silent] = self::fill($meals, $routines->unlogged(Repeated::Feeding, $from), $days);

        return new self(
            [...$acts, ...$filled, ...$stock],
            $plans === [] && $filled === [] ? self::weekly($meals, $days) : [...$acts, ...$filled, ...$stock],
            [...$remarks, ...$silent, ...self::unknownStock($plans, $stock)],
        );
    }

    /**
     * What lives in the tank, with visitors while they stay.
     *
     * @param  list<Entry>  $entries  in order of time
     * @return list<Act>
     */
    private static function stock(array $entries, DateTimeImmutable $from): array
    {
        $acts = $turns = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Stock) {
                $day = max(0.0, $entry->daysAfter($from));
                $turns[] = [$day, $entry->payload, true];
                if ($entry->payload->days !== null) {
                    $turns[] = [$entry->daysAfter($from) + $entry->payload->days, $entry->payload, false];
                }
            }
        }
        usort($turns, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$grams, $growth, $since, $visitors] = [0.0, 0.0, 0.0, 0.0];
        foreach ($turns as [$day, $stock, $comes]) {
            if ($stock->days === null) {
                [$grams, $growth, $since] = [$stock->grams, $stock->growth, $day];
            } else {
                $visitors += $comes ? $stock->grams : -$stock->grams;
            }
            $now = $grams * (1 + $growth) ** floor(($day - $since) / 7);
            if ($grams > 0.0 && $day >= 0.0) {
                // Visitors do not grow; of both together less does.
                $together = $now + max(0.0, $visitors);
                $acts[] = new Act($day, new StockLever($together, $growth * $now / $together));
            }
        }

        return $acts;
    }

    /**
     * @param  list<array{float, ?Feed, bool}>  $plans
     * @param  list<Act>  $stock
     * @return list<Finding>
     */
    private static function unknownStock(array $plans, array $stock): array
    {
        return $stock !== [] || array_filter(array_column($plans, 2)) === [] ? [] : [self::remark(
            'stock-unknown',
            'The stock is not known',
            Text::of('A feeding plan grows with the stock, but no weight of it is logged. It is taken not to grow. '
                .'Log, for example, “stock 250 g growing 1 % a week”.'),
        )];
    }

    /**
     * @param  list<array{float, Feed}>  $meals
     * @return list<Act>
     */
    private static function weekly(array $meals, float $days): array
    {
        $weeks = [];
        foreach ($meals as [$day, $meal]) {
            if ($day >= 0.0) {
                $week = (int) floor($day / 7);
                $food = self::food($meal)->value;
                $weeks[$week][$food] = ($weeks[$week][$food] ?? 0.0) + $meal->grams / min(7.0, $days - 7 * $week);
            }
        }
        $acts = [];
        for ($week = 0; 7 * $week < $days; $week++) {
            $acts[] = new Act(7.0 * $week, new FeedSchedule($weeks[$week] ?? []));
        }

        return $acts;
    }

    /**
     * @param  list<array{float, Feed}>  $meals
     * @param  list<Unlogged>  $unlogged
     * @return array{list<Act>, list<Finding>}
     */
    private static function fill(array $meals, array $unlogged, float $days): array
    {
        $shares = [];
        $all = array_sum(array_map(static fn (array $meal): float => $meal[1]->grams, $meals));
        foreach ($meals as [, $meal]) {
            $food = self::food($meal)->value;
            $shares[$food] = ($shares[$food] ?? 0.0) + $meal->grams / $all;
        }
        $acts = [];
        $missing = $grams = 0.0;
        foreach ($unlogged as $one) {
            [$start, $end] = [max(0.0, $one->from), min($days, $one->to)];
            if ($end <= $start) {
                continue;
            }
            $missing += $end - $start;
            $grams += $one->perDay * ($end - $start);
            array_push(
                $acts,
                new Act($start, new FeedSchedule(array_map(
                    static fn (float $share): float => $share * $one->perDay,
                    $shares,
                ))),
                new Act($end, new FeedSchedule([])),
            );
        }

        return [$acts, $acts === [] ? [] : [self::remark('feeding-silent', 'Days without a logged meal', Text::of(
            'Meals are missing from the log on {days} of {all} days. Ithys assumed the usual feeding there, {grams} in '
                .'all.',
            days: (int) max(1, round($missing)),
            all: (int) round($days),
            grams: Quantity::grams(Quantity::significant($grams, 2)),
        ))]];
    }

    /** @param  list<array{float, ?Feed, bool}>  $plans */
    private static function plan(array $plans, float $day): ?Feed
    {
        $in = null;
        foreach ($plans as [$from, $plan]) {
            $in = $from <= $day ? $plan : $in;
        }

        return $in;
    }

    /** @return array<string, float> */
    private static function grams(Feed $meal): array
    {
        return [self::food($meal)->value => $meal->grams];
    }

    private static function food(Feed $meal): Food
    {
        return $meal->food ?? Food::Pellet;
    }

    private static function remark(string $code, string $title, Text $sentence): Finding
    {
        return Finding::of(Severity::Remark, $code, $title, $sentence);
    }
}
