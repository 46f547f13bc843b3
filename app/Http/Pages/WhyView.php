<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\TankCharges;
use App\Journal\TankHistory;
use App\Journal\TankRoutines;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Forecast\Advice\Advice;
use Ithys\History\Charge;
use Ithys\History\Timeline\Missing;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Learning\Ledger\Ledger;
use Ithys\Learning\Ledger\Why;
use Ithys\Learning\Ledger\WhyLine;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Quantity;

/** Why a nutrient rose or fell from one time to another. */
final class WhyView
{
    /**
     * @param  array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable, DateTimeImmutable}  $times  from and to of
     *   each
     * @return array<string, mixed>
     */
    public static function of(
        System $system,
        User $keeper,
        Parameter $parameter,
        array $times,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $element = $parameter === Parameter::Nitrate ? Element::Nitrogen : Element::Phosphorus;
        $learned = (new FitShelf($system))->learned();
        try {
            $timeline = TankHistory::of($system, $now, null, $learned?->story());
            $days = array_map($timeline->day(...), $times);
            if ($days[0] < 0.0) {
                return ['missing' => [
                    'sentence' => Missing::thatFarBack()->getMessage(),
                    'line' => '',
                ]];
            }
            $why = Why::of(
                Ledger::between($timeline, $learned?->fit(), $days[0], $days[1]),
                Ledger::between($timeline, $learned?->fit(), $days[2], $days[3]),
                $element,
            );
        } catch (Missing $missing) {
            return ['missing' => ['sentence' => $missing->getMessage(), 'line' => $missing->mend]];
        } catch (InvalidLever $invalid) {
            return ['missing' => ['sentence' => $invalid->getMessage(), 'line' => '']];
        }
        $asked = TankRoutines::changes($system, $now);
        $entries = (new Journal($system))->between($times[0], $times[3]);

        return [
            'missing' => null,
            'levels' => [
                $words->say(self::level($entries, $parameter, $times[0], $times[1])),
                $words->say(self::level($entries, $parameter, $times[2], $times[3])),
            ],
            'says' => array_map($words->say(...), $why->says()),
            'lines' => array_map(static fn (WhyLine $line): array => [
                'key' => $line->key,
                'label' => $line->label,
                'before' => $line->before,
                'since' => $line->since,
                'raises' => $line->raises,
                'origin' => $line->origin->value,
            ], $why->lines),
            'unexplained' => $why->unexplained,
            'net' => $why->net(),
            'changed' => array_values(array_map(static fn (Entry $one): array => [
                'id' => $one->id,
                't' => $one->at->getTimestamp(),
                'text' => $words->say($asked->says($one)),
            ], array_filter($entries, $asked->has(...)))),
            'exhausted' => array_map(
                static fn (Charge $charge): string => $words->say(Advice::renew($charge)),
                $times[3] < $now->modify('-2 days') ? [] : TankCharges::of($system, $now)->exhausted(),
            ),
        ];
    }

    /** The address that lays two times beside each other; days of their reader. */
    public static function address(
        System $system,
        User $keeper,
        Parameter $parameter,
        DateTimeImmutable ...$times,
    ): string {
        $days = array_map(
            static fn (DateTimeImmutable $at): string => $at->setTimezone($keeper->zone())->format('Y-m-d'),
            array_values($times),
        );

        return route('ledger.why', [
            $system,
            'of' => $parameter->value,
            ...array_combine(['beforeFrom', 'beforeTo', 'sinceFrom', 'sinceTo'], $days),
        ], false);
    }

    /** @param  list<Entry>  $entries */
    private static function level(
        array $entries,
        Parameter $parameter,
        DateTimeImmutable $from,
        DateTimeImmutable $to,
    ): Quantity|string {
        $read = [];
        foreach ($entries as $entry) {
            $one = $entry->payload;
            if ($one instanceof Reading && $one->parameter === $parameter && $entry->at >= $from && $entry->at < $to) {
                $read[] = $one->value;
            }
        }

        return $read === [] ? 'not read' : Quantity::ppm(Quantity::significant(array_sum($read) / count($read), 2));
    }
}
