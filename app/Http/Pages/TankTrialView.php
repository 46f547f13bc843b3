<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\TankRoutines;
use App\Journal\TankTrials;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Ithys\Journal\Entry;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;
use Ithys\Trial\Tank\Form;
use Ithys\Trial\Tank\TankPlan;

/** A trial in the tanks themselves: what is switched when, what was read, and what it shows. */
final class TankTrialView
{
    /** The lot of a plan that is not saved yet; what it can show hardly depends on it. */
    private const ANY_SEED = 1;

    private const KEPT = 7;

    private const WEEK = 7.0;

    /** @return array<string, mixed> */
    public static function of(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        $plan = $trial->tankPlan();
        $lot = $trial->lot();
        $tanks = new TankTrials($trial, $now);
        $words = $keeper->words();
        $changed = $tanks->changedTank();
        $left = $plan->form === Form::Paired
            ? ($changed->is($trial->system) ? $trial->other : $trial->system)
            : null;

        return [
            ...TrialView::shell($trial, $keeper, $now),
            'form' => $plan->form->value,
            'formLabel' => $plan->form->label(),
            'label' => ucfirst($plan->parameter->label()),
            'unit' => $keeper->units->unitOf($plan->parameter->dimension())->value,
            'change' => $plan->change,
            'caution' => $trial->ended === null ? TankPlan::CAUTION : '',
            'schedule' => $plan->schedule->toArray(),
            'tanks' => ['changed' => $changed->name, 'left' => $left?->name],
            'spans' => $lot->spans(),
            'switches' => array_map(static fn (array $one): array => [
                ...$one,
                'isMade' => isset($trial->switched[$one['planned']]),
            ], $plan->form === Form::Switched ? $lot->switches() : []),
            'changeDay' => $lot->changeDay(),
            'next' => $tanks->nextDay($changed),
            'readings' => array_map(
                static fn (System $one): array => ['tank' => $one->name, 'points' => $tanks->readings($one)],
                $left === null ? [$changed] : [$changed, $left],
            ),
            ...self::verdict($trial, $tanks, $words),
            'power' => $trial->started === null ? self::power(
                $plan,
                $trial->seed,
                $trial->other === null ? [$trial->system] : [$trial->system, $trial->other],
                $words,
                $now,
            ) : null,
            ...self::picking($trial, $tanks, $changed, $words, $now),
        ];
    }

    /**
     * @param  non-empty-list<System>  $tanks
     * @return array{smallest: ?string, lacks: ?string} what it can show a week, or which tank has too few readings
     */
    public static function power(
        TankPlan $plan,
        ?int $seed,
        array $tanks,
        Words $words,
        DateTimeImmutable $now,
    ): array {
        $power = TankTrials::power($plan, $seed ?? self::ANY_SEED, $tanks, $now);

        return [
            'smallest' => $power['perDay'] === null ? null : $words->say(Quantity::base(
                Quantity::significant(self::WEEK * $power['perDay'], 2),
                $plan->parameter->dimension(),
            )),
            'lacks' => $power['lacks'],
        ];
    }

    /**
     * Judged once for all looks at it.
     *
     * @return array{
     *     headline: string, isJudged: bool, perWeek: ?array{estimate: float, low: float, high: float},
     *     remarks: list<string>,
     * }
     */
    public static function verdict(Trial $trial, TankTrials $tanks, Words $words): array
    {
        if ($trial->started === null) {
            return ['headline' => '', 'isJudged' => false, 'perWeek' => null, 'remarks' => []];
        }
        $key = implode(' ', [
            'tank trial', $trial->id, $trial->stamp, $tanks->today(), $words->units->value, $trial->system->stamp,
            $trial->other?->stamp,
        ]);

        return Cache::remember($key, now()->addDays(self::KEPT), static function () use ($tanks, $words): array {
            $verdict = $tanks->verdict();
            $round = static fn (float $one): float => Quantity::significant($one, 2);

            return [
                'headline' => $words->say($verdict->says),
                'isJudged' => $verdict->perWeek !== null,
                'perWeek' => $verdict->perWeek === null ? null : [
                    'estimate' => $round($verdict->perWeek->estimate),
                    'low' => $round($verdict->perWeek->low),
                    'high' => $round($verdict->perWeek->high),
                ],
                'remarks' => array_map(static fn (Text $one): string => $words->say($one), $verdict->remarks),
            ];
        });
    }

    /** @return array<string, mixed> the change that is judged, and those that it may be */
    private static function picking(
        Trial $trial,
        TankTrials $tanks,
        System $changed,
        Words $words,
        DateTimeImmutable $now,
    ): array {
        $plan = $trial->tankPlan();
        $isPicked = $plan->form !== Form::Switched;
        $asked = $isPicked && $trial->started !== null ? TankRoutines::changes($changed, $now) : null;

        return [
            'entry' => $trial->entry_id,
            'candidates' => $asked === null ? [] : array_map(static fn (Entry $one): array => [
                'id' => $one->id,
                'text' => $one->at->setTimezone($changed->zone())->format('D j M').': '
                    .$words->say($asked->says($one)),
            ], $tanks->candidates()),
            'journal' => route('journal.show', $changed, false),
            'verdictAt' => ! $isPicked || $trial->entry_id === null ? null : route('journal.show', [
                $changed,
                'change' => $trial->entry_id,
                'window' => $plan->schedule->phaseDays,
            ], false),
        ];
    }
}
