<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\TankRounds;
use App\Models\Sitter;
use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\CalendarDay;
use Ithys\Care\Round;
use Ithys\Care\SitterSheet;

/** The sheet of a sitter: each day's few tasks, what not to do, what signs mean, and whom to call. */
final class SitterView
{
    /** @return array<string, mixed> */
    public static function of(Sitter $sitter, DateTimeImmutable $now): array
    {
        $system = $sitter->system;
        $rounds = TankRounds::of($system, $now);
        $today = TankRounds::today($system, $now);
        $days = [];
        $from = max($today, $sitter->firstDay());
        foreach (SitterSheet::days($rounds, $today, $from, $sitter->lastDay()) as $day => $due) {
            $done = $day === $today ? array_filter(
                $rounds->done($today),
                static fn (Round $one): bool => in_array($one->chore, SitterSheet::chores(), true),
            ) : [];
            $days[] = [
                'day' => CalendarDay::midnight($day)->format('D j M'),
                'isToday' => $day === $today,
                'tasks' => [
                    ...array_map(static fn (Round $one): array => self::task($one, false), $due),
                    ...array_values(array_map(static fn (Round $one): array => self::task($one, true), $done)),
                ],
            ];
        }

        return [
            'tank' => $system->name,
            'name' => $sitter->name,
            'from' => CalendarDay::midnight($sitter->firstDay())->format('j F Y'),
            'to' => CalendarDay::midnight($sitter->lastDay())->format('j F Y'),
            'food' => $sitter->food,
            'call' => $sitter->call,
            'notes' => $sitter->notes,
            'days' => $days,
            'not' => SitterSheet::NOT,
            'signs' => array_map(
                static fn (string $sign, string $do): array => [$sign, $do],
                array_keys(SitterSheet::SIGNS),
                array_values(SitterSheet::SIGNS),
            ),
            'powerCut' => SitterSheet::POWER_CUT,
        ];
    }

    /** @return list<array<string, mixed>> stays that are not over, as their keeper sees them */
    public static function all(System $system, DateTimeImmutable $now): array
    {
        $today = TankRounds::today($system, $now);

        return array_values(Sitter::query()->where('system_id', $system->id)->orderBy('first_day')->get()
            ->filter(static fn (Sitter $one): bool => $one->lastDay() >= $today)
            ->map(static fn (Sitter $one): array => [
                'id' => $one->id,
                'sheet' => self::of($one, $now),
            ])->all());
    }

    /** @return array<string, mixed> */
    private static function task(Round $one, bool $isDone): array
    {
        return [
            'key' => $one->chore->value,
            'label' => $one->chore->label(),
            'says' => SitterSheet::says($one->chore),
            'isDone' => $isDone,
        ];
    }
}
