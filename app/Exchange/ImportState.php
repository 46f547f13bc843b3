<?php

declare(strict_types=1);

namespace App\Exchange;

/** How far the import of a long table is, which is saved beside the pages. */
final readonly class ImportState
{
    /**
     * @param  'waits'|'runs'|'done'|'failed'  $is
     * @param  int  $line  of the file that it has come to
     * @param  list<string>  $why  why rows were left out, of the first ones
     * @param  ?string  $batch  of what was saved
     * @param  ?string  $problem  why nothing was saved, in a sentence
     */
    private function __construct(
        public string $is,
        public int $line = 0,
        public int $lines = 0,
        public int $saved = 0,
        public int $leftOut = 0,
        public array $why = [],
        public ?string $batch = null,
        public ?string $problem = null,
    ) {
    }

    public static function waits(): self
    {
        return new self('waits');
    }

    public static function runs(int $line, int $lines): self
    {
        return new self('runs', $line, $lines);
    }

    public static function done(SavedTable $saved): self
    {
        return new self(
            'done',
            saved: $saved->entries,
            leftOut: $saved->leftOut,
            why: $saved->why,
            batch: $saved->batch,
        );
    }

    public static function failed(string $problem): self
    {
        return new self('failed', problem: $problem);
    }

    /** Null where what was kept is no state. */
    public static function read(string $json): ?self
    {
        $kept = json_decode($json, true);
        $is = is_array($kept) ? $kept['is'] ?? null : null;
        if (! is_array($kept) || ! in_array($is, ['waits', 'runs', 'done', 'failed'], true)) {
            return null;
        }
        $count = static fn (string $key): int => is_int($kept[$key] ?? null) ? $kept[$key] : 0;
        $text = static fn (string $key): ?string => is_string($kept[$key] ?? null) ? $kept[$key] : null;
        $why = is_array($kept['why'] ?? null) ? $kept['why'] : [];

        return new self(
            $is,
            $count('line'),
            $count('lines'),
            $count('saved'),
            $count('leftOut'),
            array_values(array_filter($why, is_string(...))),
            $text('batch'),
            $text('problem'),
        );
    }
}
