<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;
use Ithys\Trial\Pair;
use Ithys\Trial\TrialPlan;

/** Trials of a tank's household: planned, running and judged. */
final class TrialsView
{
    /** What a trial can read; the first is proposed. */
    private const PARAMETERS = [
        Parameter::Nitrate, Parameter::Phosphate, Parameter::Ammonia, Parameter::Nitrite, Parameter::Alkalinity,
    ];

    /** @return array<string, mixed> */
    public static function all(System $system, User $keeper, DateTimeImmutable $now): array
    {
        return [
            'mayPlan' => $keeper->can('design', $system),
            'parameters' => self::parameters(),
            'list' => Trial::query()->where('system_id', $system->id)->with(['cells', 'system'])->orderByDesc('id')
                ->get()
                ->map(static fn (Trial $one): array => [
                    'id' => $one->id,
                    'question' => $one->planned()->question,
                    'state' => self::state($one),
                    'says' => $one->started === null
                        ? 'Planned, not started.'
                        : $keeper->words()->say($one->judged($now)->says($one->planned())),
                ])->all(),
        ];
    }

    /** @return list<array{string, string}> key and name */
    public static function parameters(): array
    {
        return array_map(
            static fn (Parameter $one): array => [$one->value, ucfirst($one->label())],
            self::PARAMETERS,
        );
    }

    /** @return array{may: bool, options: list<array{what: string, smallest: string}>} */
    public static function power(TrialPlan $plan, Words $words): array
    {
        return [
            'may' => $plan->mayTell(),
            'options' => array_map(static fn (array $one): array => [
                'what' => $one['what'],
                'smallest' => $one['smallest'] === null ? 'nothing' : $words->say(Quantity::base(
                    Quantity::significant($one['smallest'], 2),
                    $plan->parameter->dimension(),
                )),
            ], $plan->options()),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        $plan = $trial->planned();
        $words = $keeper->words();
        $judged = $trial->judged($now);
        $day = $trial->day($now);
        // Who sets it up sees the arms; who reads does not, until it is judged.
        $isHidden = $plan->setup->isBlind && $trial->started !== null && $judged->withheld !== null
            && $plan->mayTell();
        $sheet = $trial->sheet();
        $placed = $trial->placed();

        return [
            'id' => $trial->id,
            'state' => self::state($trial),
            'question' => $plan->question,
            'parameter' => $plan->parameter->value,
            'label' => $plan->parameter->label(),
            'arms' => $plan->arms,
            'control' => $plan->control,
            'setup' => $plan->setup->toArray(),
            'power' => self::power($plan, $words),
            'day' => $day,
            'lastDay' => $plan->setup->lastDay(),
            'next' => $trial->nextDay(),
            'days' => $plan->setup->days(),
            'isBlind' => $isHidden,
            'units' => array_map(static fn (string $unit, int $arm): array => [
                'unit' => $unit,
                'arm' => $isHidden ? null : $arm,
                'cells' => (object) array_map(static fn ($one): string => $one->text(), $sheet[$unit] ?? []),
                'course' => array_map(
                    static fn (int $at, $one): array => [$at, $one->level()],
                    array_keys($sheet[$unit] ?? []),
                    array_values($sheet[$unit] ?? []),
                ),
            ], array_keys($placed), array_values($placed)),
            'fed' => array_map($plan->fed(...), $plan->setup->days()),
            'headline' => $trial->started === null ? '' : $words->say($judged->says($plan)),
            'isJudged' => $judged->withheld === null && $trial->started !== null,
            'end' => array_map(self::pair(...), $judged->end),
            'mean' => array_map(self::pair(...), $judged->mean),
            'anova' => $judged->anova === null ? null : round($judged->anova, 3),
            'left' => $judged->left,
            'amendments' => $trial->amendments,
            'started' => $trial->started,
            'ended' => $trial->ended,
            'mayLog' => $keeper->can('journal', $trial->system),
            'mayPlan' => $keeper->can('design', $trial->system),
        ];
    }

    /** @return array<string, mixed> */
    private static function pair(Pair $one): array
    {
        return [
            'arm' => $one->arm,
            'than' => $one->than,
            'difference' => Quantity::significant($one->difference, 2),
            'low' => $one->interval === null ? null : Quantity::significant($one->interval[0], 2),
            'high' => $one->interval === null ? null : Quantity::significant($one->interval[1], 2),
            'p' => round($one->p, 3),
            'exchange' => $one->exchange === null ? null : round($one->exchange, 3),
            'isClear' => $one->isClear,
        ];
    }

    private static function state(Trial $trial): string
    {
        return match (true) {
            $trial->started === null => 'planned',
            $trial->ended !== null => 'ended',
            default => 'running',
        };
    }
}
