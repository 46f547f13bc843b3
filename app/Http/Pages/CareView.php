<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\SupplyLevels;
use App\Journal\TankFirstHours;
use App\Journal\TankOff;
use App\Journal\TankRounds;
use App\Models\CalendarFeed;
use App\Models\Supply;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Ithys\Care\CalendarDay;
use Ithys\Care\ChoreSpec;
use Ithys\Care\FleeceRoll;
use Ithys\Care\Proposal;
use Ithys\Care\Round;
use Ithys\Care\Rounds;
use Ithys\Care\Socks;
use Ithys\Care\Stock\Consumable;
use Ithys\Care\Task;
use Ithys\Care\TrialDay;
use Ithys\History\OffSince;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\ChoreWord\ChoreWord;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Spell\Spell;
use Ithys\Quantity\Words;

/** What is due today on all tanks of a keeper, and the four weeks ahead. */
final class CareView
{
    public const DAYS = 28;

    /** Weeks over which a proposal is said to show. */
    private const SHOWS = 8;

    /** @return array<string, mixed> */
    public static function of(User $keeper, DateTimeImmutable $now): array
    {
        $tanks = $weeks = $proposals = [];
        $systems = $keeper->systems()->orderBy('systems.id')->get();
        $socks = SupplyLevels::shared($keeper, Consumable::SOCK);
        foreach ($systems as $system) {
            $listed = self::listed($system, $keeper, $socks, $now);
            $tanks[] = [...$listed['tank'], ...self::moment($system, $keeper, $now)];
            foreach ($listed['ahead'] as $n => $tasks) {
                $weeks[$n]['tasks'] = [...$weeks[$n]['tasks'] ?? [], ...$tasks];
            }
            $proposals = $listed['proposal'] === null ? $proposals : [...$proposals, $listed['proposal']];
        }
        $first = $systems->first();
        $day = $first instanceof System ? TankRounds::today($first, $now) : CalendarDay::of($now, $keeper->zone());

        return [
            'day' => CalendarDay::written($day),
            'tanks' => $tanks,
            'minutes' => (int) round(array_sum(array_column($weeks[0]['tasks'] ?? [], 'minutes'))),
            'weeks' => array_map(static fn (array $one, int $n): array => [
                'day' => CalendarDay::written($day + $n),
                'minutes' => round(array_sum(array_column($one['tasks'], 'minutes')), 1),
                'tasks' => array_column($one['tasks'], 'label'),
            ], $weeks, array_keys($weeks)),
            'proposals' => $proposals,
            'feeds' => CalendarFeed::query()->where('user_id', $keeper->id)->orderBy('person')->pluck('person')->all(),
            'people' => array_values(array_unique(array_merge(...array_values(array_map(
                static fn (System $one): array => array_values($one->carePlan()->doers),
                $systems->all(),
            ))))),
        ];
    }

    /**
     * What changes with the journal, the plan and the day alone, made once for all looks at it.
     *
     * @param  Collection<int, Supply>  $socks  in the stock
     * @return array{
     *     tank: array<string, mixed>, ahead: list<list<array{label: string, minutes: float}>>,
     *     proposal: ?array<string, mixed>,
     * }
     */
    private static function listed(
        System $system,
        User $keeper,
        Collection $socks,
        DateTimeImmutable $now,
    ): array {
        $today = TankRounds::today($system, $now);

        return Kept::of(
            $system,
            "care list {$keeper->units->value}",
            $now,
            static function () use ($system, $keeper, $socks, $today, $now): array {
                $rounds = TankRounds::of($system, $now);

                return [
                    'tank' => self::tank($system, $keeper, $rounds, $socks, $now),
                    'ahead' => array_map(static fn (array $tasks): array => array_map(
                        static fn (Task $one): array => [
                            'label' => "{$one->label()}, {$system->name}",
                            'minutes' => $one->minutes(),
                        ],
                        $tasks,
                    ), $rounds->ahead($today, self::DAYS)),
                    'proposal' => $rounds->proposal === null
                        ? null
                        : self::proposal($system, $keeper, $rounds, $rounds->proposal, $now),
                ];
            },
            null,
            json_encode([
                $today, $system->name, $system->care_plan, self::trials($system), $system->target_school,
                (new FitShelf($system))->mark(),
                $keeper->can('journal', $system), $keeper->can('design', $system), $socks->toArray(),
            ]) ?: '',
        );
    }

    /** What of trials changes the list: which run, and how often they were changed. */
    private static function trials(System $system): string
    {
        return Trial::query()->where('system_id', $system->id)->orWhere('other_system_id', $system->id)
            ->get(['id', 'stamp'])->toJson();
    }

    /** @return array<string, mixed> what changes by the minute */
    private static function moment(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $here = $now->setTimezone($system->zone());

        return [
            'off' => array_map(static fn (OffSince $one): array => [
                'says' => $words->say($one->says($here)),
                'line' => $one->line(),
                'isOverdue' => $one->isOverdue($now),
            ], TankOff::of($system, $now)),
            'alerts' => count(array_filter(
                AlertsView::of($system, $keeper, $now),
                static fn (array $one): bool => $one['delay'] === null,
            )),
        ];
    }

    /**
     * @param  Collection<int, Supply>  $socks  in the stock
     * @return array<string, mixed>
     */
    private static function tank(
        System $system,
        User $keeper,
        Rounds $rounds,
        Collection $socks,
        DateTimeImmutable $now,
    ): array {
        $today = TankRounds::today($system, $now);
        $words = $keeper->words();
        $doers = $system->carePlan()->doers;
        $task = static fn (Task $one): array => [
            ...self::task($one, $system, $today, $words),
            'who' => $doers[$one->key()] ?? null,
        ];
        $later = $rounds->later($today);

        return [
            'id' => $system->id,
            'name' => $system->name,
            'mayLog' => $keeper->can('journal', $system),
            'mayPlan' => $keeper->can('design', $system),
            'due' => array_map($task, $rounds->due($today)),
            'done' => array_map($task, $rounds->done($today)),
            'later' => array_map($task, array_values(array_filter(
                $later,
                static fn (Task $one): bool => ! $one instanceof Round || ! $one->isDone($today),
            ))),
            'unknown' => array_map($task, $rounds->unknown()),
            'next' => $later === [] ? null : sprintf(
                '%s: %s',
                $later[0]->due() === $today + 1 ? 'Tomorrow' : 'Next, '.CalendarDay::written((int) $later[0]->due()),
                lcfirst($later[0]->label()),
            ),
            'socks' => self::socks($system, $words, $rounds, $socks, $now),
            'fleece' => self::fleece($system, $words, $rounds, $now),
            'pause' => $rounds->find(Chore::Cup) === null ? null : Spell::pause(
                Spell::SKIMMER,
                $system->assumptions()->value('pause-minutes') / 60,
            )->line(),
            'firstHour' => TankFirstHours::of($system, $now)->because,
            'daysOff' => $system->carePlan()->off,
            'silences' => SilencesView::of($system, $words, $now),
        ];
    }

    /**
     * @param  Collection<int, Supply>  $socks  in the stock
     * @return ?array<string, mixed> null for a tank without a sock
     */
    private static function socks(
        System $system,
        Words $words,
        Rounds $rounds,
        Collection $socks,
        DateTimeImmutable $now,
    ): ?array {
        $round = $rounds->find(Chore::Sock);
        $wash = $rounds->find(Chore::Wash);
        if ($round === null || $wash === null) {
            return null;
        }
        $holders = max(1, Socks::holders($system->pathRevisionAt($now)?->path()));
        $stock = $socks->filter(static fn (Supply $one): bool => $one->systems->contains('id', $system->id));

        return [
            'says' => $words->say(Socks::says($wash->interval->days, $round->interval->days, $holders)),
            'counts' => array_values($stock->map(static function (Supply $one) use ($words, $now): string {
                $counts = SupplyLevels::washing($one, $now);

                return "{$one->name}: ".($counts === null
                    ? 'log a change or “socks washed”, so that they can be counted.'
                    : $words->say($counts->says()));
            })->all()),
            'approaches' => array_map(
                static fn (string $name, string $says): array => ['name' => $name, 'says' => $says],
                array_keys(Socks::APPROACHES),
                array_values(Socks::APPROACHES),
            ),
            'caution' => Socks::CAUTION,
        ];
    }

    /** @return ?string how long the roll in use lasts; null for a tank without a roller */
    private static function fleece(System $system, Words $words, Rounds $rounds, DateTimeImmutable $now): ?string
    {
        if ($rounds->find(Chore::Roller) === null) {
            return null;
        }
        $roll = FleeceRoll::of((new Journal($system))->ofKinds([FleeceKind::KEY], $now), $system->zone());

        return $roll === null
            ? FleeceRoll::MISSING
            : $words->say($roll->says($system->assumptions()->value('care-delivery')));
    }

    /** @return array<string, mixed> */
    private static function task(Task $one, System $system, int $today, Words $words): array
    {
        $chore = $one instanceof Round ? $one->chore : null;
        [$line, $asks] = $chore === null ? ['', false] : ChoreSpec::line($chore);

        return [
            'key' => $one->key(),
            'label' => $one->label(),
            'when' => $one instanceof Round && $one->isDone($today) ? 'done' : Round::told($one->due(), $today),
            'isLate' => $one->due() !== null && $one->due() < $today,
            'due' => $one->due(),
            'why' => $words->say($one->why()),
            'days' => $one instanceof Round ? $one->interval->days : null,
            'minutes' => $one->minutes(),
            'line' => $line,
            'asks' => $asks,
            'soiling' => $chore === Chore::Sock,
            'fine' => $chore === null ? null : ChoreWord::stillFine($chore)->line(),
            'skip' => $chore === null ? null : ChoreWord::skipped($chore)->line(),
            'entry' => $one instanceof Round ? $one->entry : null,
            'href' => match (true) {
                $one instanceof TrialDay => route('trials.show', [$one->system, $one->trial], false),
                $chore === null => route('media.show', $system, false),
                default => null,
            },
        ];
    }

    /** @return array<string, mixed> */
    private static function proposal(
        System $system,
        User $keeper,
        Rounds $rounds,
        Proposal $proposal,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        $expected = [];
        if ($outlook !== null) {
            $with = static fn (int $days): array => ForecastView::ends(
                $outlook->along($outlook->present->with(['sockEvery' => (float) $days]), self::SHOWS),
                $words,
            );
            $expected = ['now' => $with($proposal->now), 'then' => $with($proposal->days)];
        }

        return [
            'system' => $system->id,
            'tank' => $system->name,
            'chore' => $proposal->chore->value,
            'label' => $proposal->chore->label(),
            'now' => $proposal->now,
            'days' => $proposal->days,
            'because' => $proposal->because,
            'minutes' => round($proposal->minutesMore($rounds->find($proposal->chore)->minutes ?? 0.0), 1),
            'weeks' => self::SHOWS,
            'expected' => $expected === [] ? null : $expected,
            'mayAccept' => $keeper->can('design', $system),
        ];
    }
}
