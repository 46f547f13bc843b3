<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Journal\TankCharges;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Dosing\DoseMethod;
use Ithys\History\Charge;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\PlannedCharge;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Media\Medium;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;

/** A charge that is planned: the roads to its amount, and what it would do. */
final class DoseView
{
    private const WEEKS = 12;

    /** @return list<array{string, string}> parts of the path that hold media, then places without a name */
    public static function places(System $system): array
    {
        return [
            ...array_map(
                static fn (Container $one): array => [$one->item, $one->name],
                $system->setupAt(now())->containers(),
            ),
            ...array_map(
                static fn (Place $place): array => [$place->value, "A {$place->value}, not on the path"],
                Place::cases(),
            ),
        ];
    }

    /**
     * @param  array{amount: ?float, level: ?float, days: ?float}  $figures  as {@see ChargeRequest} reads them
     * @return array<string, mixed>
     *
     * @throws InvalidLever
     */
    public static function of(
        System $system,
        User $keeper,
        Medium $medium,
        Container|Place $where,
        array $figures,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $plan = new PlannedCharge((new DoseDoor($system))->context($now), $medium, $where, $figures['amount']);
        $charges = TankCharges::of($system, $now);
        $mine = array_values(array_filter(
            $charges->all,
            static fn (Charge $one): bool => $one->medium() === $medium,
        ));
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        $methods = $plan->methods($figures['level'], $figures['days']);
        array_splice($methods, 3, 0, [self::lastTime($system, $charges, $mine, $now)]);
        $newHere = $plan->newToThisTank($mine !== []);
        $fall = $plan->fall();

        return [
            'roads' => array_map(static fn (DoseMethod $one): array => [
                'title' => $one->title,
                'grams' => $one->grams,
                'text' => $one->grams === null ? null : $words->say(Quantity::grams($one->grams)),
                'assumes' => $words->say($one->assumes),
                'assumption' => $one->assumption,
                'steps' => array_map($words->say(...), $one->steps),
                // What the guard will have against it stands beside it at once.
                'doubt' => self::doubts($plan->doubts($one->grams), $words)[0] ?? null,
            ], $methods),
            'amounts' => array_map(
                static fn (array $one): array => [$one[0], $words->say($one[1])],
                $plan->amounts() ?? [],
            ) ?: null,
            'firstUse' => $newHere === null ? null : $words->say($newHere),
            'doubts' => self::doubts($plan->doubts($figures['amount']), $words),
            'fall' => $fall === null ? null : $words->say($fall),
            'company' => array_map($words->say(...), $plan->company()),
            'contact' => $words->say($plan->reaches()),
            'prepares' => $medium->definition()->prepares,
            'caution' => MediaCharge::grams($medium, 1.0)->caution(),
            'series' => $outlook === null ? null : [
                'present' => ForecastView::series($outlook->along($outlook->present, self::WEEKS)),
                'other' => ForecastView::series($outlook->along(
                    $plan->fresh->grams > 0.0 && $medium->isModelled()
                        ? $outlook->present->putting($plan->fresh)
                        : $outlook->present,
                    self::WEEKS,
                )),
            ],
        ];
    }

    /** @param  list<Charge>  $mine  of the same medium, in order of time */
    private static function lastTime(
        System $system,
        TankCharges $charges,
        array $mine,
        DateTimeImmutable $now,
    ): DoseMethod {
        $last = $mine[count($mine) - 1] ?? null;

        return ChargeWords::lastTime(
            $last,
            $last === null ? null : $charges->state($last),
            $system->assumptions(),
            $now,
        );
    }

    /**
     * @param  list<Doubt>  $doubts
     * @return list<array{answer: string, sentence: string}>
     */
    private static function doubts(array $doubts, Words $words): array
    {
        return array_map(static fn (Doubt $doubt): array => [
            'answer' => $doubt->answer->value,
            'sentence' => $words->say($doubt->sentence),
        ], $doubts);
    }
}
