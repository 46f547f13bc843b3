<?php

declare(strict_types=1);

namespace Ithys\History;

use Ithys\Journal\RoutineWord\Repeated;

/** What is taken of routines that fell silent: that they went on, or that they stopped. */
final readonly class Story
{
    /** Odds that it stopped within which both are told. */
    private const OPEN = [0.1, 0.9];

    /** Silences that are told both ways; of others the likely mean is taken. */
    private const MOST = 2;

    /** @param  array<string, bool>  $stopped  by the value of {@see Repeated} */
    private function __construct(private array $stopped)
    {
    }

    /** Each silence at its likely mean. */
    public static function mean(): self
    {
        return new self([]);
    }

    /** @param  array<string, bool>  $stopped  as {@see toArray()} made it */
    public static function from(array $stopped): self
    {
        return new self($stopped);
    }

    /**
     * The stories that may be true, with how likely each is beforehand; one where nothing is open.
     *
     * @return non-empty-list<array{self, float}>
     */
    public static function all(Routines $routines): array
    {
        $open = [];
        foreach (Repeated::cases() as $of) {
            $routine = $routines->find($of);
            if ($routine !== null && $routine->asks
                && $routine->stopped >= self::OPEN[0] && $routine->stopped <= self::OPEN[1]) {
                $open[$of->value] = $routine->stopped;
            }
        }
        uasort($open, static fn (float $a, float $b): int => abs($a - 0.5) <=> abs($b - 0.5));
        $stories = [[[], 1.0]];
        foreach (array_slice($open, 0, self::MOST) as $of => $odds) {
            $both = [];
            foreach ($stories as [$stopped, $likely]) {
                $both[] = [[...$stopped, $of => true], $likely * $odds];
                $both[] = [[...$stopped, $of => false], $likely * (1 - $odds)];
            }
            $stories = $both;
        }

        return array_map(static fn (array $one): array => [new self($one[0]), $one[1]], $stories);
    }

    /** Whether a routine stopped; null where its likely mean is taken. */
    public function stopped(Repeated $of): ?bool
    {
        return $this->stopped[$of->value] ?? null;
    }

    /** @return array<string, bool> */
    public function toArray(): array
    {
        return $this->stopped;
    }
}
