<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\TankCharges;
use App\Journal\TankRoutines;
use App\Journal\TankVerdicts;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\History\Charge;
use Ithys\History\Known;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Quantity\Words;

/** All that is known of a tank today, on one page to print or to send: each fact as its own page has it. */
final class StateView
{
    /** Days of readings that are looked at, and changes that are shown. */
    private const DAYS = 120;

    private const CHANGES = 10;

    private const WEEKS = 12;

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        $standing = $outlook === null ? null : ForecastView::standing($outlook, $keeper, $now);

        return [
            'readings' => self::readings($system, $words, $now),
            'routines' => self::routines($system, $words, $now),
            'charges' => self::charges($system, $words, $now),
            'alerts' => array_map(
                static fn (array $one): string => "{$one['title']}. {$one['sentence']}",
                array_values(array_filter(
                    AlertsView::of($system, $keeper, $now),
                    static fn (array $one): bool => $one['delay'] === null,
                )),
            ),
            'changes' => array_slice(RankedChanges::of(
                $system,
                $keeper,
                '1y',
                TankVerdicts::WINDOW,
                $system->assumptions()->value(Assumed::WantedShare),
                $now,
            )['changes'], 0, self::CHANGES),
            'forecast' => [
                'weeks' => self::WEEKS,
                'says' => $outlook === null
                    ? []
                    : ForecastView::ends($outlook->along($outlook->present, self::WEEKS), $words),
            ],
            'questions' => [
                ...array_map(
                    static fn (array $one): string => $one['finding']['sentence'],
                    SilencesView::of($system, $words, $now),
                ),
                ...$standing === null || $standing['asks'] === null ? [] : [$standing['asks']],
            ],
            'learned' => (new FitShelf($system))->madeAt()?->getTimestamp(),
        ];
    }

    /** @return list<array{text: string, t: int, target: string}> the last of each parameter */
    private static function readings(System $system, Words $words, DateTimeImmutable $now): array
    {
        $targets = [];
        foreach ($system->target_school?->bands($system->assumptions()) ?? [] as $band) {
            $targets[$band->parameter->value] = $band;
        }
        $last = [];
        foreach ((new Journal($system))->pooled($now->modify('-'.self::DAYS.' days'), $now) as $entry) {
            if ($entry->payload instanceof Reading) {
                $last[$entry->payload->parameter->value] = [$entry->payload, $entry->at->getTimestamp()];
            }
        }
        $told = [];
        foreach (Parameter::cases() as $one) {
            [$reading, $at] = $last[$one->value] ?? [null, 0];
            if ($reading !== null) {
                $target = $targets[$one->value] ?? null;
                $told[] = [
                    'text' => $words->say($reading->summary()),
                    't' => $at,
                    'target' => $target === null ? '' : $words->say($target->says()),
                ];
            }
        }

        return $told;
    }

    /** @return list<array{label: string, rate: string, known: string}> */
    private static function routines(System $system, Words $words, DateTimeImmutable $now): array
    {
        // By the whole journal, which may be long.
        return Kept::of(
            $system,
            "state, routines {$words->units->value}",
            $now,
            static fn (DateTimeImmutable $hour): array => self::goesOn($system, $words, $hour->modify('+1 hour')),
        );
    }

    /** @return list<array{label: string, rate: string, known: string}> */
    private static function goesOn(System $system, Words $words, DateTimeImmutable $now): array
    {
        $routines = TankRoutines::of($system, $now);
        $told = [];
        foreach (Repeated::cases() as $of) {
            $rate = $routines->find($of) === null ? null : $routines->at($of, $now);
            $usage = $of->usage();
            if ($rate !== null && $usage !== null) {
                $told[] = [
                    'label' => $of->label(),
                    'rate' => match (true) {
                        $rate->perDay > 0.0 => $words->say($usage->perDay($rate->perDay)),
                        // Unknown is not zero.
                        $rate->known === Known::Unknown => 'not known',
                        default => 'stopped',
                    },
                    'known' => $rate->known->value,
                ];
            }
        }

        return $told;
    }

    /** @return list<array{text: string, t: int, condition: string}> */
    private static function charges(System $system, Words $words, DateTimeImmutable $now): array
    {
        $charges = TankCharges::of($system, $now);

        return array_map(static fn (Charge $one): array => [
            'text' => $words->say($one->filling->summary()),
            't' => $one->from->getTimestamp(),
            'condition' => $charges->words($one)->condition->value ?? 'not followed',
        ], Charge::in($charges->all));
    }
}
