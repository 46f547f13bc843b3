<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Refused;

/** A whole trial as a file: its plan and, where it is over, how it was placed, read and changed. */
final readonly class TrialFile
{
    public const FORMAT = 'ithys-trial-file';

    public const SCHEMA = 1;

    private const MOST_CELLS = 20_000;

    /**
     * @param  ?array{
     *     started: string, ended: string, seed: int,
     *     cells: list<array{parameter: string, unit: string, day: int, cell: string}>,
     *     amendments: list<array{day: string, text: string, nitrogen?: float}>, lessons: list<string>,
     * }  $run  null where it is not over
     */
    public function __construct(public TrialPlan $plan, public ?array $run)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'plan' => $this->plan->toArray(),
            'run' => $this->run === null ? null : [
                ...$this->run,
                'arms' => array_map(
                    fn (int $arm): string => $this->plan->arms[$arm],
                    Placement::of($this->plan, $this->run['seed']),
                ),
            ],
        ];
    }

    /**
     * @param  array<mixed>  $document  that meets the schema of such files, or a plan alone
     *
     * @throws Refused
     */
    public static function read(array $document): self
    {
        if (($document['format'] ?? null) !== self::FORMAT) {
            return new self(TrialPlan::stored($document), null);
        }
        $plan = TrialPlan::stored(is_array($document['plan'] ?? null) ? $document['plan'] : []);
        $run = $document['run'] ?? null;
        if (! is_array($run)) {
            return new self($plan, null);
        }
        $seed = self::whole($run['seed'] ?? null);
        $placed = Placement::of($plan, $seed);
        $arms = array_map(static fn (int $arm): string => $plan->arms[$arm], $placed);
        if (($run['arms'] ?? null) !== $arms) {
            throw Refused::whole('run', 'Its units do not have the arms that its lot gave them.');
        }
        [$started, $ended] = [self::day($run['started'] ?? null), self::day($run['ended'] ?? null)];
        $days = intdiv((int) strtotime("{$ended} UTC") - (int) strtotime("{$started} UTC"), 86_400);
        if ($days < 0) {
            throw Refused::whole('run', 'It ends before it starts.');
        }

        return new self($plan, [
            'started' => $started,
            'ended' => $ended,
            'seed' => $seed,
            'cells' => self::cells($run['cells'] ?? null, new CellDoor($plan, $placed, $days)),
            'amendments' => array_map(static fn (array $one): array => [
                'day' => self::day($one['day'] ?? null),
                'text' => self::text($one['text'] ?? null),
                ...isset($one['nitrogen']) ? ['nitrogen' => self::figure($one['nitrogen'])] : [],
            ], self::groups($run['amendments'] ?? [])),
            'lessons' => array_map(
                self::text(...),
                is_array($run['lessons'] ?? []) ? array_values($run['lessons'] ?? []) : [],
            ),
        ]);
    }

    /**
     * @return list<array{parameter: string, unit: string, day: int, cell: string}>
     *
     * @throws Refused
     */
    private static function cells(mixed $cells, CellDoor $door): array
    {
        $cells = self::groups($cells);
        if (count($cells) > self::MOST_CELLS) {
            throw Refused::whole('run', 'It has more readings than a trial can have.');
        }

        return $door->take(array_map(static fn (array $one): array => [
            'parameter' => self::text($one['parameter'] ?? null),
            'unit' => self::text($one['unit'] ?? null),
            'day' => (string) self::whole($one['day'] ?? null),
            'text' => self::text($one['cell'] ?? null),
        ], $cells));
    }

    /** @return list<array<mixed>> */
    private static function groups(mixed $list): array
    {
        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    private static function whole(mixed $value): int
    {
        return is_int($value) && $value >= 0 ? $value : throw Refused::whole('run', 'A whole number is missing.');
    }

    private static function figure(mixed $value): float
    {
        return (is_int($value) || is_float($value)) && $value >= 0 && $value <= 10_000
            ? (float) $value
            : throw Refused::whole('run', 'The nitrogen of a change of the feed is no figure.');
    }

    private static function text(mixed $value): string
    {
        return is_string($value) && mb_strlen($value) <= 400
            ? $value
            : throw Refused::whole('run', 'A text is missing, or too long.');
    }

    private static function day(mixed $value): string
    {
        return is_string($value) && preg_match('~^\d{4}-\d\d-\d\d$~', $value) === 1
            && checkdate((int) substr($value, 5, 2), (int) substr($value, 8, 2), (int) substr($value, 0, 4))
                ? $value
                : throw Refused::whole('run', 'A day is missing, such as 2026-12-01.');
    }
}
