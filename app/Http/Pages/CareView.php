<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Journal\SupplyLevels;
use App\Journal\TankFirstHours;
use App\Journal\TankOff;
use App\Journal\TankRounds;
use App\Models\CalendarFeed;
use App\Models\Supply;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Care\CalendarDay;
use Ithys\Care\ChoreSpec;
use Ithys\Care\FleeceRoll;
use Ithys\Care\Proposal;
use Ithys\Care\Round;
use Ithys\Care\Rounds;
use Ithys\Care\Socks;
use Ithys\Care\Stock\Consumable;
use Ithys\Care\Task;
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
        foreach ($systems as $system) {
            $rounds = TankRounds::of($system, $now);
            $today = TankRounds::today($system, $now);
            $tanks[] = self::tank($system, $keeper, $rounds, $today, $now);
            $weeks = self::adding($weeks, $system, $rounds, $today);
            if ($rounds->proposal !== null) {
                $proposals[] = self::proposal($system, $keeper, $rounds, $rounds->proposal, $now);
            }
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

    /** @return array<string, mixed> */
    private static function tank(
        System $system,
        User $keeper,
        Rounds $rounds,
        int $today,
        DateTimeImmutable $now,
    ): array {
        $words = $keeper->words();
        $doers = $system->carePlan()->doers;
        $task = static fn (Task $one): array => [
            ...self::task($one, $system, $today, $words),
            'who' => $doers[$one->key()] ?? null,
        ];
        $later = $rounds->later($today);
        $here = $now->setTimezone($system->zone());

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
            'socks' => self::socks($system, $keeper, $rounds, $now),
            'fleece' => self::fleece($system, $rounds, $now),
            'off' => array_map(static fn (OffSince $one): array => [
                'says' => $words->say($one->says($here)),
                'line' => $one->line(),
                'isOverdue' => $one->isOverdue($now),
            ], TankOff::of($system, $now)),
            'pause' => $rounds->find(Chore::Cup) === null ? null : Spell::pause(
                Spell::SKIMMER,
                $system->assumptions()->value('pause-minutes') / 60,
            )->line(),
            'firstHour' => TankFirstHours::of($system, $now)->because,
            'daysOff' => $system->carePlan()->off,
            'alerts' => count(array_filter(
                AlertsView::of($system, $keeper, $now),
                static fn (array $one): bool => $one['delay'] === null,
            )),
            'silences' => SilencesView::of($system, $words, $now),
        ];
    }

    /** @return ?array<string, mixed> null for a tank without a sock */
    private static function socks(System $system, User $keeper, Rounds $rounds, DateTimeImmutable $now): ?array
    {
        $round = $rounds->find(Chore::Sock);
        $wash = $rounds->find(Chore::Wash);
        if ($round === null || $wash === null) {
            return null;
        }
        $words = $keeper->words();
        $holders = max(1, Socks::holders($system->pathRevisionAt($now)?->path()));
        $stock = SupplyLevels::shared($keeper)
            ->where('consumable', Consumable::SOCK)
            ->filter(static fn (Supply $one): bool => $one->systems->contains('id', $system->id));

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
    private static function fleece(System $system, Rounds $rounds, DateTimeImmutable $now): ?string
    {
        if ($rounds->find(Chore::Roller) === null) {
            return null;
        }
        $roll = FleeceRoll::of((new Journal($system))->ofKinds([FleeceKind::KEY], $now), $system->zone());

        return $roll === null
            ? 'Log the length that is left twice, such as “fleece 14 m left”, to see when the roll ends.'
            : sprintf(
                'The roll ends about %s (%s to %s). Have a new one by %s.',
                CalendarDay::written($roll->ends),
                CalendarDay::written($roll->soonest),
                CalendarDay::written($roll->latest),
                CalendarDay::written($roll->soonest - (int) $system->assumptions()->value('care-delivery')),
            );
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
            'href' => $chore === null ? route('media.show', $system, false) : null,
        ];
    }

    /**
     * @param  array<int, array{tasks: list<array{label: string, minutes: float}>}>  $weeks
     * @return array<int, array{tasks: list<array{label: string, minutes: float}>}>
     */
    private static function adding(array $weeks, System $system, Rounds $rounds, int $today): array
    {
        foreach ($rounds->ahead($today, self::DAYS) as $n => $tasks) {
            $weeks[$n]['tasks'] ??= [];
            foreach ($tasks as $one) {
                $weeks[$n]['tasks'][] = [
                    'label' => "{$one->label()}, {$system->name}",
                    'minutes' => $one->minutes(),
                ];
            }
        }

        return $weeks;
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
