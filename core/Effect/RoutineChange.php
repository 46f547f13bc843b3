<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\History\Change;
use Ithys\History\Routine;
use Ithys\History\Routines;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\Usage;
use Ithys\Quantity\Text;

/**
 * A routine goes on otherwise, in words: socks every three days instead of every seven, more food a day. A single sock
 * or water change is no change of anything.
 */
final readonly class RoutineChange
{
    /**
     * @param  DateTimeImmutable  $at  of the entry from which it goes on otherwise
     * @param  float  $before  a day, in the unit of the routine
     * @param  float  $since  a day
     * @param  ?int  $entry  id of that entry
     */
    private function __construct(
        public Repeated $of,
        public DateTimeImmutable $at,
        public float $before,
        public float $since,
        public Text $says,
        public ?int $entry,
    ) {
    }

    /** @return list<self> every one that a journal shows; a silence is none */
    public static function in(Routines $routines): array
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
                $entry = $change->what === Change::SILENCE ? null : $routines->entryFrom($of, $change->day);
                if ($entry !== null) {
                    $found[] = self::of($of, $entry->at, $entry->id, $routine, $change, $name, $usage);
                }
            }
        }

        return $found;
    }

    /** Whether it is one by more than so much of the greater rate. */
    public function isBeyond(float $share): bool
    {
        return abs($this->since - $this->before) > $share * max($this->since, $this->before);
    }

    private static function of(
        Repeated $of,
        DateTimeImmutable $at,
        ?int $entry,
        Routine $routine,
        Change $change,
        Text $name,
        Usage $usage,
    ): self {
        $before = $routine->at($change->day - 0.5)->perDay;
        $since = $routine->at($change->until)->perDay;

        return new self($of, $at, $before, $since, Text::of(
            match (true) {
                $since <= 0.0 && $before <= 0.0 => '{what}: stopped',
                $since <= 0.0 => '{what}: stopped, {before} before',
                $before <= 0.0 => '{what}: started with {since}',
                $change->isRamp() => '{what}: in steps from {before} to {since}',
                $change->isPerhaps => '{what}: perhaps from {before} to {since}',
                default => '{what}: from {before} to {since}',
            },
            what: $name,
            before: $before > 0.0 ? $usage->perDay($before) : '',
            since: $since > 0.0 ? $usage->perDay($since) : '',
        ), $entry);
    }
}
