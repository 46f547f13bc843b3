<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\History\Change;
use Ithys\History\Routine;
use Ithys\History\Routines;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\Usage;
use Ithys\Quantity\Text;

/**
 * Where a routine itself changes, in words: socks from every seven days to every three, more food a day, more water a
 * week. A single sock or water change is no change of anything.
 */
final class Schedules
{
    /** @return array<int, Text> by the id of the entry from which the routine goes on otherwise: what changed */
    public static function shifts(Routines $routines): array
    {
        $shifts = [];
        foreach (self::changes($routines) as [$of, $change, $says]) {
            $entry = $routines->entryFrom($of, $change->day);
            if ($entry?->id !== null) {
                $shifts[$entry->id] = $says;
            }
        }

        return $shifts;
    }

    /** @return list<Text> changes between two rates that differ by more than a share of the greater */
    public static function differingBy(Routines $routines, float $share): array
    {
        $says = [];
        foreach (self::changes($routines) as [$of, $change, $one]) {
            $routine = $routines->find($of);
            $before = $routine?->at($change->day - 0.5)->perDay ?? 0.0;
            $since = $routine?->at($change->until)->perDay ?? 0.0;
            if (abs($since - $before) > $share * max($since, $before)) {
                $says[] = $one;
            }
        }

        return $says;
    }

    /** @return list<array{Repeated, Change, Text}> */
    private static function changes(Routines $routines): array
    {
        $found = [];
        foreach (Repeated::cases() as $of) {
            $usage = $of->usage();
            $routine = $routines->find($of);
            if ($usage === null || $routine === null) {
                continue;
            }
            $name = $of->source() === null
                ? Text::wrap($usage->name())
                : Text::of('{what}, {source}', what: $usage->name(), source: $of->source()->label());
            foreach ($routine->changes() as $change) {
                if ($change->what !== Change::SILENCE) {
                    $found[] = [$of, $change, self::says($name, $usage, $routine, $change)];
                }
            }
        }

        return $found;
    }

    private static function says(Text $what, Usage $usage, Routine $routine, Change $change): Text
    {
        $before = $routine->at($change->day - 0.5)->perDay;
        $since = $routine->at($change->until)->perDay;

        return Text::of(
            match (true) {
                $since <= 0.0 && $before <= 0.0 => '{what}: stopped',
                $since <= 0.0 => '{what}: stopped, {before} before',
                $before <= 0.0 => '{what}: started with {since}',
                $change->isRamp() => '{what}: in steps from {before} to {since}',
                $change->isPerhaps => '{what}: perhaps from {before} to {since}',
                default => '{what}: from {before} to {since}',
            },
            what: $what,
            before: $before > 0.0 ? $usage->perDay($before) : '',
            since: $since > 0.0 ? $usage->perDay($since) : '',
        );
    }
}
