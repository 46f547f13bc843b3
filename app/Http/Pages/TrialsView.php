<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\TankTrials;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Trial\PlannedPower;
use Ithys\Trial\Tank\Form;
use Ithys\Trial\Tank\Schedule;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialRead;

/** Trials of a keeper's tanks: planned, running and judged. */
final class TrialsView
{
    /** Days that what was judged is kept. */
    private const KEPT = 30;

    /** @return array<string, mixed> */
    public static function all(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $tanks = $keeper->systems()->orderBy('systems.name')->get(['systems.id', 'systems.name']);

        return [
            'mayPlan' => $keeper->can('design', $system),
            'parameters' => self::parameters(TrialRead::PARAMETERS),
            'units' => self::units($keeper->units),
            'nutrients' => self::parameters(Parameter::nutrients()),
            'foods' => array_map(static fn (Food $one): array => [$one->value, ucfirst($one->label())], Food::cases()),
            'forms' => array_map(static fn (Form $one): array => [$one->value, $one->label()], Form::cases()),
            'sides' => Schedule::SIDES,
            'caution' => TankPlan::CAUTION,
            'tank' => $system->name,
            'others' => $tanks->reject(static fn (System $one): bool => $one->id === $system->id)
                ->map(static fn (System $one): array => [$one->id, $one->name])->values()->all(),
            'list' => Trial::query()->whereIn('system_id', $tanks->pluck('id'))->with(['system', 'other'])
                ->orderByDesc('id')->get()
                ->map(static fn (Trial $one): array => [
                    'id' => $one->id,
                    'system' => $one->system_id,
                    'tank' => $one->system->name,
                    'isHere' => $one->system_id === $system->id,
                    'question' => $one->question(),
                    'form' => $one->isInUnits() ? 'Jars or boxes' : Form::from($one->form)->label(),
                    'state' => self::state($one),
                    'says' => $one->started === null ? 'Planned, not started.' : self::says($one, $keeper, $now),
                ])->all(),
        ];
    }

    /** The headline of a trial, judged once for all looks at it. */
    public static function says(Trial $trial, User $keeper, DateTimeImmutable $now): string
    {
        if (! $trial->isInUnits()) {
            return $trial->other !== null && $keeper->cannot('read', $trial->other)
                ? 'Its other tank is not yours to see.'
                : TankTrialView::verdict($trial, new TankTrials($trial, $now), $keeper->words())['headline'];
        }
        $key = "trial says {$trial->id} {$trial->stamp} {$trial->day($now)} {$keeper->units->value}";

        return Cache::remember(
            $key,
            now()->addDays(self::KEPT),
            static fn (): string => $keeper->words()->say($trial->judged($now)->says()),
        );
    }

    /** @return array<string, string> what each parameter is read in */
    private static function units(UnitSystem $units): array
    {
        $each = [];
        foreach (TrialRead::PARAMETERS as $one) {
            $each[$one->value] = $units->unitOf($one->dimension())->value;
        }

        return $each;
    }

    /**
     * The plan that follows a trial, as the form has it: as that one was, with what was learned of it.
     *
     * @return array<string, mixed>
     */
    public static function next(Trial $trial, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $lessons = $trial->isInUnits() ? $trial->lessonsOf() : null;
        $plan = $trial->isInUnits() ? $trial->planned()->toArray() : $trial->tankPlan()->toArray();
        foreach ($trial->isInUnits() ? $trial->planned()->reads : [] as $n => $read) {
            $seen = $lessons?->scatter($read);
            // Units that scattered more than was expected will do so again.
            if ($seen !== null && $seen > $read->scatter->units) {
                $plan['reads'][$n]['scatter'] = Quantity::significant($seen, 2);
            }
        }

        return [
            'id' => $trial->id,
            'question' => $trial->question(),
            'form' => $trial->form,
            'plan' => $plan,
            'learned' => [
                ...$trial->lessons,
                ...array_map(
                    static fn (Text $one): string => $words->say($one),
                    $lessons?->all($trial->changes(), $trial->day($now) ?? 0) ?? [],
                ),
            ],
        ];
    }

    /**
     * @param  list<Parameter>  $of
     * @return list<array{string, string}> key and name
     */
    private static function parameters(array $of): array
    {
        return array_map(static fn (Parameter $one): array => [$one->value, ucfirst($one->label())], $of);
    }

    /**
     * @return array{may: bool, reads: list<array{
     *     label: string, options: list<array{what: string, smallest: string, perWeek: string}>,
     *     curve: list<array{units: int, smallest: float, finer: float}>,
     * }>}
     */
    public static function power(TrialPlan $plan, Words $words): array
    {
        return [
            'may' => $plan->mayTell(),
            'reads' => array_map(static function (TrialRead $read) use ($plan, $words): array {
                $power = new PlannedPower($plan, $read);
                $size = static fn (?float $one): string => $one === null ? 'nothing' : $words->say(Quantity::base(
                    Quantity::significant($one, 2),
                    $read->parameter->dimension(),
                ));

                return [
                    'label' => ucfirst($read->parameter->label()),
                    'options' => array_map(static fn (array $one): array => [
                        'what' => $one['what'],
                        'smallest' => $size($one['smallest']),
                        'perWeek' => $size($one['perWeek']),
                    ], $power->options()),
                    'curve' => $power->curve(),
                ];
            }, $plan->reads),
        ];
    }

    public static function state(Trial $trial): string
    {
        return match (true) {
            $trial->started === null => 'planned',
            $trial->ended !== null => 'ended',
            default => 'running',
        };
    }
}
