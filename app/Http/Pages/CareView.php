<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\TankCharges;
use App\Journal\TankRounds;
use App\Models\CalendarFeed;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Care\CalendarDay;
use Ithys\Care\ChoreSpec;
use Ithys\Care\Proposal;
use Ithys\Care\Round;
use Ithys\Care\Rounds;
use Ithys\Care\Socks;
use Ithys\History\Charge;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\ChoreWord\ChoreWord;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
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
            $media = self::media($system, $keeper, $now);
            $tanks[] = self::tank($system, $keeper, $rounds, $media, $today);
            $weeks = self::adding($weeks, $system, $rounds, $media, $today);
            if ($rounds->proposal !== null) {
                $proposals[] = self::proposal($system, $keeper, $rounds, $rounds->proposal, $now);
            }
        }
        $first = $systems->first();
        $day = $first instanceof System ? TankRounds::today($first, $now) : CalendarDay::of($now, $keeper->zone());

        return [
            'day' => self::written($day),
            'tanks' => $tanks,
            'minutes' => (int) round(array_sum(array_column($weeks[0]['tasks'] ?? [], 'minutes'))),
            'weeks' => array_map(static fn (array $one, int $n): array => [
                'day' => self::written($day + $n),
                'minutes' => round(array_sum(array_column($one['tasks'], 'minutes')), 1),
                'tasks' => array_column($one['tasks'], 'label'),
            ], $weeks, array_keys($weeks)),
            'proposals' => $proposals,
            'subscribed' => CalendarFeed::query()->where('user_id', $keeper->id)->exists(),
        ];
    }

    /** "Mon 30 Nov" */
    private static function written(int $day): string
    {
        return CalendarDay::midnight($day)->format('D j M');
    }

    /**
     * @param  list<array<string, mixed>>  $media
     * @return array<string, mixed>
     */
    private static function tank(System $system, User $keeper, Rounds $rounds, array $media, int $today): array
    {
        $words = $keeper->words();
        $task = static fn (Round $one): array => self::task($one, $today, $words);
        $next = $rounds->later($today)[0] ?? null;

        return [
            'id' => $system->id,
            'name' => $system->name,
            'mayLog' => $keeper->can('journal', $system),
            'due' => [
                ...array_map($task, $rounds->due($today)),
                ...array_values(array_filter($media, static fn (array $one): bool => $one['due'] <= $today)),
            ],
            'done' => array_map($task, $rounds->done($today)),
            'later' => [
                ...array_map($task, array_values(array_filter(
                    $rounds->later($today),
                    static fn (Round $one): bool => ! $one->isDone($today),
                ))),
                ...array_values(array_filter($media, static fn (array $one): bool => $one['due'] > $today)),
            ],
            'unknown' => array_map($task, $rounds->unknown()),
            'next' => $next === null ? null : sprintf(
                '%s: %s',
                $next->due === $today + 1 ? 'Tomorrow' : 'Next, '.self::written((int) $next->due),
                mb_strtolower(mb_substr($next->chore->label(), 0, 1)).mb_substr($next->chore->label(), 1),
            ),
            'socks' => self::socks($system, $rounds, $words),
            'alerts' => count(array_filter(
                AlertsView::of($system, $keeper, now()->toDateTimeImmutable()),
                static fn (array $one): bool => $one['delay'] === null,
            )),
            'silences' => SilencesView::of($system, $words, now()->toDateTimeImmutable()),
        ];
    }

    /** @return ?array{says: string, caution: string} null for a tank without a sock */
    private static function socks(System $system, Rounds $rounds, Words $words): ?array
    {
        $round = $rounds->find(Chore::Sock);
        $holders = array_sum(array_map(
            static fn (Item $one): float => $one->figure(Figure::Count) ?? 1.0,
            $system->pathRevisionAt(now())?->path()->itemsOf(Kind::Sock) ?? [],
        ));

        return $round === null ? null : [
            'says' => $words->say(Socks::says(
                (int) round($system->assumptions()->value('care-wash')),
                $round->interval->days,
                max(1, (int) $holders),
            )),
            'caution' => Socks::CAUTION,
        ];
    }

    /** @return array<string, mixed> */
    private static function task(Round $one, int $today, Words $words): array
    {
        [$line, $asks] = ChoreSpec::line($one->chore);

        return [
            'key' => $one->chore->value,
            'label' => $one->chore->label(),
            'when' => $one->isDone($today) ? 'done' : $one->when($today),
            'isLate' => $one->due !== null && $one->due < $today,
            'due' => $one->due,
            'why' => $words->say($one->interval->why),
            'days' => $one->interval->days,
            'minutes' => $one->minutes,
            'line' => $line,
            'asks' => $asks,
            'soiling' => $one->chore === Chore::Sock,
            'fine' => ChoreWord::stillFine($one->chore)->line(),
            'skip' => ChoreWord::skipped($one->chore)->line(),
            'entry' => $one->entry,
            'href' => null,
        ];
    }

    /** @return list<array<string, mixed>> media that are to be renewed, by their forecast */
    private static function media(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $charges = TankCharges::of($system, $now);
        $today = TankRounds::today($system, $now);
        $tasks = [];
        foreach (Charge::in($charges->all) as $charge) {
            $ends = $charges->state($charge)?->exhausted;
            if ($ends === null || $ends[0] === null) {
                continue;
            }
            $day = static fn (?int $seconds): ?int => $seconds === null ? null : CalendarDay::of(
                $now->setTimestamp($seconds),
                $system->zone(),
            );
            $likely = (int) $day($ends[0]);
            $range = array_filter([$day($ends[1]), $day($ends[2])], static fn (?int $one): bool => $one !== null);
            $tasks[] = [
                'key' => "media {$charge->entry}",
                'label' => 'Renew '.$charge->medium()->label(),
                'when' => Round::told($likely, $today),
                'isLate' => $likely < $today,
                'due' => $likely,
                'why' => 'By the forecast of its charge: exhausted about '.self::written($likely)
                    .(count($range) === 2 ? ' ('.implode(' to ', array_map(self::written(...), $range)).')' : ''),
                'days' => null,
                'minutes' => $system->assumptions()->value('minutes-media'),
                'line' => '',
                'asks' => false,
                'soiling' => false,
                'fine' => null,
                'skip' => null,
                'entry' => null,
                'href' => route('media.show', $system, false),
            ];
        }

        return $tasks;
    }

    /**
     * @param  array<int, array{tasks: list<array{label: string, minutes: float}>}>  $weeks
     * @param  list<array<string, mixed>>  $media
     * @return array<int, array{tasks: list<array{label: string, minutes: float}>}>
     */
    private static function adding(array $weeks, System $system, Rounds $rounds, array $media, int $today): array
    {
        foreach ($rounds->ahead($today, self::DAYS) as $n => $chores) {
            $weeks[$n]['tasks'] ??= [];
            foreach ($chores as $one) {
                $weeks[$n]['tasks'][] = [
                    'label' => "{$one->chore->label()}, {$system->name}",
                    'minutes' => $one->minutes,
                ];
            }
        }
        foreach ($media as $one) {
            $n = max(0, (int) $one['due'] - $today);
            if ($n < self::DAYS) {
                $weeks[$n]['tasks'][] = ['label' => "{$one['label']}, {$system->name}", 'minutes' => $one['minutes']];
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
