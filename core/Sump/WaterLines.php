<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Bisection;

/** How high the water stands in every chamber in one state. */
final readonly class WaterLines
{
    /**
     * @param  non-empty-list<float>  $levelsMm  over the floor, by chamber from inlet to return
     * @param  non-empty-list<float>  $chamberLitres
     */
    private function __construct(
        public array $levelsMm,
        public array $chamberLitres,
        public float $litres,
        /** Level of a display before its chambers, over the same floor; null for a sump or while unknown. */
        public ?float $displayMm = null,
    ) {
    }

    /**
     * While the return runs: from the chamber of the return upstream, each baffle backs the water up until it lets the
     * flow by.
     *
     * @param  float  $litresPerHour  flow through the sump
     */
    public static function running(Section $section, float $litresPerHour): self
    {
        $levels = [$section->water->returnLevelMm];
        $front = $section->front;
        foreach (array_reverse($section->inside->baffles, true) as $i => $baffle) {
            $after = $front?->beforeMm($i + 1, $levels[0], $litresPerHour) ?? $levels[0];
            array_unshift(
                $levels,
                $litresPerHour <= 0.0
                    ? max($after, $baffle->hangs() ? $after : $baffle->topMm)
                    : Bisection::root(
                        static fn (float $level): float => $baffle->flow(
                            $level,
                            $after,
                            $section->vessel->widthMm,
                            $section->assumptions,
                        )
                            - $litresPerHour,
                        $after,
                        $after + 10_000.0,
                    ),
            );
        }

        return self::at(
            $section,
            $levels,
            $front?->displayMm($litresPerHour, $front->beforeMm(0, $levels[0], $litresPerHour)),
        );
    }

    /**
     * After a power cut: what stood over the baffles runs on, what was above comes down, and all of it finds its level.
     * A display before its chambers runs down to the foot of its slots, and through its return to the mouth of it.
     */
    public static function powerCut(Section $section, float $litresPerHour): self
    {
        $running = self::running($section, $litresPerHour);
        if ($section->front !== null) {
            $pools = Pools::behind($section->front, $section, $running);
            $pools->siphon($section->front->wall->nozzleMm);

            return self::at($section, $pools->levelsMm(), $pools->displayMm());
        }
        $pools = Pools::of($section, $running->levelsMm);
        $pools->pour($section->drainDown->litres());

        return self::at($section, $pools->levelsMm());
    }

    /** With the return chamber pumped down to where the pump sucks air and nothing coming after. */
    public static function returnEmptied(Section $section, float $litresPerHour): self
    {
        $levels = self::running($section, $litresPerHour)->levelsMm;
        $last = count($levels) - 1;
        $levels[$last] = min($levels[$last], $section->water->pumpMinimumMm);
        // Before a weir the water stays up to its crest, or to what stands behind it if that is higher; under a gap it
        // follows what is behind.
        for ($i = $last - 1; $i >= 0; $i--) {
            $baffle = $section->inside->baffles[$i];
            $levels[$i] = min($levels[$i], $baffle->hangs() ? $levels[$i + 1] : max($baffle->topMm, $levels[$i + 1]));
        }

        return self::at(
            $section,
            $levels,
            $section->front === null ? null : max($levels[0], $section->front->wall->crestMm),
        );
    }

    /** The state at rest of a sump that holds so much, all of it poured in at the inlet. */
    public static function filled(Section $section, float $litres): self
    {
        $pools = Pools::of($section, array_fill(0, count($section->inside->baffles) + 1, 0.0));
        $pools->pour($litres);

        return self::at($section, $pools->levelsMm());
    }

    public function highestMm(): float
    {
        return max($this->levelsMm);
    }

    /** @param  non-empty-array<int, float>  $levels */
    private static function at(Section $section, array $levels, ?float $displayMm = null): self
    {
        $litres = array_map(
            static fn (Chamber $chamber): float => $chamber->litresPerMm() * $levels[$chamber->index],
            $section->chambers(),
        );

        return new self(array_values($levels), $litres, array_sum($litres), $displayMm);
    }
}
