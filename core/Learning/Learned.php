<?php

declare(strict_types=1);

namespace Ithys\Learning;

use Closure;
use Ithys\History\Story;
use Ithys\History\Timeline\Timeline;

/** What readings have taught of a tank, in each story that its silences allow; the likeliest first. */
final readonly class Learned
{
    /** Odds under which a story is left out. */
    private const LEAST = 0.03;

    /** @param  non-empty-list<array{Story, float, Fit}>  $stories  with their odds, which make one */
    private function __construct(public array $stories)
    {
    }

    /**
     * @param  Closure(Story): Timeline  $timeline  the tank by a story
     *
     * @throws TooFewReadings
     */
    public static function of(Closure $timeline): self
    {
        $told = [];
        foreach ($timeline(Story::mean())->stories() as [$story, $likely]) {
            $fit = Calibration::of($timeline($story));
            $told[] = [$story, log($likely) - $fit->misfit() / 2, $fit];
        }
        $most = max(array_column($told, 1));
        $all = array_sum(array_map(static fn (array $one): float => exp($one[1] - $most), $told));
        $told = array_map(
            static fn (array $one): array => [$one[0], exp($one[1] - $most) / $all, $one[2]],
            $told,
        );
        usort($told, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $kept = array_filter($told, static fn (array $one): bool => $one[1] >= self::LEAST);
        $sum = array_sum(array_column($kept, 1));

        return new self(array_values(array_map(
            static fn (array $one): array => [$one[0], $one[1] / $sum, $one[2]],
            $kept === [] ? [$told[0]] : $kept,
        )));
    }

    public function fit(): Fit
    {
        return $this->stories[0][2];
    }

    /** The likeliest. */
    public function story(): Story
    {
        return $this->stories[0][0];
    }

    /**
     * Odds that a routine stopped, once the readings have had their say.
     *
     * @return array<string, float> by its key; none for those of which one story alone is told
     */
    public function odds(): array
    {
        $odds = [];
        foreach ($this->stories as [$story, $likely]) {
            foreach ($story->toArray() as $of => $stopped) {
                $odds[$of] = ($odds[$of] ?? 0.0) + ($stopped ? $likely : 0.0);
            }
        }

        return $odds;
    }

    /** @return list<array{story: array<string, bool>, odds: float, fit: array<string, mixed>}> */
    public function toArray(): array
    {
        return array_map(static fn (array $one): array => [
            'story' => $one[0]->toArray(),
            'odds' => $one[1],
            'fit' => $one[2]->toArray(),
        ], $this->stories);
    }

    /** @param  array<mixed>  $stored  as {@see toArray()} made it, of the same form; null where it holds none */
    public static function from(array $stored): ?self
    {
        /** @var list<array{story: array<string, bool>, odds: float, fit: array<mixed>}> $stored */
        $stories = array_map(
            static fn (array $one): array => [Story::from($one['story']), $one['odds'], Fit::from($one['fit'])],
            $stored,
        );

        return $stories === [] ? null : new self($stories);
    }
}
