<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Journal\TankCharges;
use App\Models\System;
use App\Path\PathShelf;
use DateTimeImmutable;
use Ithys\Care\FleeceRoll;
use Ithys\Care\Socks;
use Ithys\Care\Stock\Strategy;
use Ithys\Dosing\DoseMethods;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Media\Medium;
use Ithys\Path\Item;
use Ithys\Path\Sizing\Power;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;

/** Ways to filter next to each other on one tank: minutes and money a year, what phosphate media bind, and power. */
final class CostsView
{
    /** Days for which a reading of phosphate counts. */
    private const DAYS = 42;

    /** @return array<string, mixed> */
    public static function of(System $system, Words $words, DateTimeImmutable $now): array
    {
        $assumptions = $system->assumptions();
        $setup = $system->setupAt($now);
        $roll = FleeceRoll::of((new Journal($system))->ofKinds([FleeceKind::KEY], $now), $system->zone());
        // As it was filled last, as Media has it; else the usual amount for the water.
        $carbon = TankCharges::of($system, $now)->last(Medium::ActivatedCarbon)?->grams($assumptions)
            ?? (new DoseMethods($assumptions))
                ->byVolume(Medium::ActivatedCarbon, $setup->workingVolume()->litres, null)->grams ?? 0.0;
        $po4 = self::phosphate($system, $now);
        $bound = $po4 === null ? [] : Strategy::phosphate($assumptions, $po4);

        return [
            'ways' => [
                ['title' => 'Mechanical filtration', 'ways' => array_map(
                    self::row(...),
                    Strategy::mechanical($assumptions, max(1, Socks::holders($setup->path)), $roll?->mmPerDay),
                )],
                [
                    'title' => sprintf(
                        'Activated carbon, %s a charge',
                        $words->say(Quantity::grams(Quantity::significant($carbon, 2))),
                    ),
                    'ways' => array_map(self::row(...), Strategy::carbon($assumptions, $carbon)),
                ],
            ],
            'media' => [
                'title' => 'Phosphate media',
                'missing' => $po4 === null
                    ? 'How much a medium binds depends on the level: log a reading, such as “po4 0.06”.'
                    : '',
                'head' => $po4 === null ? '' : 'At '.$words->say(Quantity::ppm($po4)),
                'what' => 'mg of phosphate for',
                'rows' => array_map(static fn (string $medium, ?float $mg): array => [
                    'name' => Medium::from($medium)->label(),
                    'mg' => $mg === null ? null : Quantity::significant($mg, 2),
                ], array_keys($bound), array_values($bound)),
            ],
            'power' => self::power($system, $now),
        ];
    }

    /** @return array{name: string, minutes: float, cost: ?float, missing: string} */
    private static function row(Strategy $one): array
    {
        return [
            'name' => $one->name,
            'minutes' => round($one->minutes),
            'cost' => $one->cost === null ? null : round($one->cost),
            'missing' => $one->missing,
        ];
    }

    /** @return ?array{items: list<array{name: string, watts: float, hours: float, cost: float}>, price: float} */
    private static function power(System $system, DateTimeImmutable $now): ?array
    {
        $here = $system->setupAt($now)->situation();
        if ($here === null) {
            return null;
        }
        $power = new Power($here);
        $price = (new PathShelf($system))->room()->pricePerKilowattHour;
        $items = array_values(array_filter(
            $here->path->items(),
            static fn (Item $one): bool => $power->watts($one) > 0.0,
        ));

        return ['items' => array_map(static fn (Item $one): array => [
            'name' => $one->title(),
            'watts' => round($power->watts($one), 1),
            'hours' => round($power->kilowattHoursAYear($one)),
            'cost' => round($power->kilowattHoursAYear($one) * $price),
        ], $items), 'price' => $price];
    }

    /** ppm by the last reading; null where there is none of late. */
    private static function phosphate(System $system, DateTimeImmutable $now): ?float
    {
        $readings = (new Journal($system))->ofKinds(
            [ReadingKind::KEY],
            $now,
            $now->modify('-'.self::DAYS.' days'),
        );
        $last = null;
        foreach ($readings as $entry) {
            $one = $entry->payload;
            $last = $one instanceof Reading && $one->parameter === Parameter::Phosphate && ! $one->belowLimit
                ? $one->value
                : $last;
        }

        return $last;
    }
}
