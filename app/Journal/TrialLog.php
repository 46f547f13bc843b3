<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\Trial;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Ithys\Document\Refused;
use Ithys\Journal\QuickEntry\Chip;
use Ithys\Journal\QuickEntry\Problem;
use Ithys\Trial\TrialLine;

/** A line of the log that has readings of a trial: "trial stones no3 U1 12 U2 14". */
final readonly class TrialLog
{
    private const EXAMPLE = 'trial stones no3 U1 12 U2 14';

    /**
     * @param  list<array{parameter: string, unit: string, day: int, cell: string}>  $cells
     * @param  list<Chip>  $chips
     * @param  list<Problem>  $problems
     */
    private function __construct(
        public ?Trial $trial,
        public array $cells,
        public array $chips,
        public array $problems,
    ) {
    }

    /** Null for a line of something else. */
    public static function read(System $system, string $line, DateTimeImmutable $now): ?self
    {
        $read = TrialLine::read($line);
        if ($read === null) {
            return null;
        }
        $problem = static fn (string $sentence, ?int $start = null, ?int $end = null): Problem => new Problem(
            $sentence,
            $start ?? 0,
            $end ?? mb_strlen($line),
        );
        $all = Trial::query()->where('system_id', $system->id)->where('form', Trial::UNITS)->whereNotNull('started')
            ->whereNull('ended')->with('system')->orderBy('id')->get();
        $meant = $all->filter(static fn (Trial $one): bool => $read->isOf($one->planned()))->values();
        $trial = $meant->count() === 1 ? $meant->first() : null;
        if ($trial === null) {
            return new self(null, [], [], [$problem(self::which($all, $meant, $read->which))]);
        }
        $sheet = new TrialSheet($trial, $now);
        $day = $sheet->door()->day();
        if ($read->cells === [] || $read->rest !== null) {
            return new self($trial, [], [], [$problem(
                'Write units with what was read, such as “'.self::EXAMPLE.'”.',
                ...$read->rest ?? [],
            )]);
        }
        $typed = array_map(static fn (array $one): array => [
            'parameter' => $one['parameter'],
            'unit' => $one['unit'],
            'day' => $one['day'] === '' ? (string) $day : $one['day'],
            'text' => $one['text'],
        ], $read->cells);
        try {
            $cells = $sheet->take($typed);
        } catch (Refused $refused) {
            return new self($trial, [], [], array_map(
                static fn (string $sentence): Problem => $problem($sentence),
                array_values($refused->problems),
            ));
        }

        return new self($trial, $cells, array_map(static fn (array $cell, array $from): Chip => new Chip(
            $cell['parameter'],
            "{$cell['unit']} {$cell['cell']}, day {$cell['day']}",
            $from['start'],
            $from['end'],
        ), $cells, $read->cells), []);
    }

    /**
     * @param  Collection<int, Trial>  $all  that run
     * @param  Collection<int, Trial>  $meant  of them
     */
    private static function which(Collection $all, Collection $meant, string $words): string
    {
        $names = static fn (Collection $of): string => $of
            ->map(static fn (Trial $one): string => "“{$one->question()}”")->implode(', ');

        return match (true) {
            $all->isEmpty() => 'No trial in jars or boxes runs on this tank. Start one in Trials.',
            $meant->isEmpty() => "No trial that runs has “{$words}” in its question or arms. These run: "
                ."{$names($all)}.",
            default => "More than one trial could be meant: {$names($meant)}. Add a word that only one has.",
        };
    }

    /** @return array<string, mixed> as {@see \Ithys\Journal\QuickEntry\Understood::toArray()} has it */
    public function toArray(): array
    {
        return [
            'chips' => array_map(static fn (Chip $chip): array => $chip->toArray(), $this->chips),
            'problems' => array_map(static fn (Problem $problem): array => $problem->toArray(), $this->problems),
            'cautions' => [],
            'mayBeSaved' => $this->cells !== [] && $this->problems === [],
        ];
    }
}
