<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\TankCharges;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Care\Stock\Strategy;
use Ithys\Dosing\Calendar;
use Ithys\Effect\Clarity;
use Ithys\History\Charge;
use Ithys\History\Timeline\Observed;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Media\CarbonSchool;
use Ithys\Media\Medium;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** The charges of a tank: what each removes, how much life it has left, and when to change it. */
final class MediaView
{
    private const DAYS = 731;

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $entries = (new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now);
        $charges = TankCharges::of($system, $now);
        $fit = (new FitShelf($system))->last();
        $learned = $fit === null ? null : ChargeWords::learned($fit);
        $noise = $entries === []
            ? null
            : ChargeWords::noise(Observed::all($entries, $entries[0]->at, $system->assumptions()));

        return [
            'charges' => array_map(
                static fn (Charge $one): array => self::charge(
                    $system,
                    $charges,
                    $one,
                    $words,
                    $now,
                    Clarity::around($entries, $one->from),
                ),
                array_reverse($charges->all),
            ),
            'schools' => self::approaches($charges, $system, $now),
            'school' => $system->carbon_school->value ?? '',
            'schoolsTitle' => CarbonSchool::title(),
            'schoolsNote' => CarbonSchool::note($keeper->units === UnitSystem::Metric ? '60 g' : '2 oz'),
            'example' => $keeper->units === UnitSystem::Metric ? 'alumina 200 g bag' : 'alumina 1 cup bag',
            'isLearned' => $fit !== null,
            'learned' => $learned === null ? null : $words->say($learned),
            'noise' => $noise === null ? null : $words->say($noise),
        ];
    }

    /** @return array<string, mixed> */
    private static function charge(
        System $system,
        TankCharges $charges,
        Charge $one,
        Words $words,
        DateTimeImmutable $now,
        Clarity $clarity,
    ): array {
        $state = $charges->state($one);
        $calendar = Calendar::days($one->medium(), $system->assumptions(), $system->carbon_school);

        return [
            'entry' => $one->entry,
            'medium' => $one->medium()->value,
            'label' => $one->medium()->label(),
            'amount' => $words->say($one->filling->amount()),
            'where' => $one->where(),
            'item' => $one->filling->item,
            'line' => $one->filling->line(),
            'out' => $one->removal()->line(),
            'from' => $one->from->getTimestamp(),
            'to' => $one->to?->getTimestamp(),
            'ended' => $one->end?->value,
            'days' => round($one->days($now), 1),
            'meant' => $one->filling->days,
            'calendar' => $calendar === null ? null : [
                'days' => $calendar,
                'due' => $one->from->getTimestamp() + (int) round(86_400 * $calendar),
            ],
            'clarity' => $one->medium() === Medium::ActivatedCarbon ? $words->say($clarity->says()) : null,
            'unfollowed' => $words->say(ChargeWords::unfollowed($one)),
            'life' => $state === null ? null : self::life($system, $charges, $one, $state, $words),
        ];
    }

    /** @return array<string, mixed> */
    private static function life(
        System $system,
        TankCharges $charges,
        Charge $one,
        ChargeState $state,
        Words $words,
    ): array {
        $told = $charges->words($one);
        $isIn = $one->to === null;
        $litres = $system->workingLitresAt($one->from);

        return [
            'condition' => $told->condition->value ?? '',
            'isGrave' => $told?->condition->isGrave() === true,
            'reasons' => array_map($words->say(...), $told->reasons ?? []),
            'share' => array_map(static fn (float $share): float => round(100 * $share), $state->share),
            'held' => $state->gross,
            'heldPpm' => array_map(
                static fn (float $mg): float => ChargeWords::ppm($one->medium(), $mg, $litres),
                $state->gross,
            ),
            'takesWhat' => $one->medium()->removes(),
            'asWhat' => $one->medium()->mayBind() ? 'phosphate' : 'nitrate',
            'loading' => $state->gross[0] / $one->grams($system->assumptions()),
            'takes' => $state->amounts['rate'],
            'fresh' => $state->amounts['fresh'],
            'spent' => $state->exhausted === null
                ? null
                : array_combine(['likely', 'soonest', 'latest'], $state->exhausted),
            'course' => $state->course,
            'account' => $isIn ? ChargeAccountView::of($charges->account($one->entry), $words) : null,
        ];
    }

    /** @return list<array<string, mixed>> what each approach says of the carbon that is in */
    private static function approaches(TankCharges $charges, System $system, DateTimeImmutable $now): array
    {
        $last = $charges->last(Medium::ActivatedCarbon);
        $age = $last?->to === null ? $last?->days($now) : null;
        $assumptions = $system->assumptions();
        $ways = $last === null ? [] : Strategy::carbon($assumptions, $last->grams($assumptions));

        return array_map(static fn (CarbonSchool $school, ?Strategy $way): array => [
            'key' => $school->value,
            'label' => $school->label(),
            'reason' => $school->reason(),
            'days' => $school->days(),
            'age' => $age === null ? null : round($age),
            'cost' => $way?->cost === null ? null : round($way->cost),
            'says' => $school->says($age),
        ], CarbonSchool::cases(), $ways);
    }
}
