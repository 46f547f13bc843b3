<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

/**
 * Where a baffle stands once it is set: from the inner face of the inlet wall to its near face, at its four corners,
 * mm.
 */
final readonly class Measured
{
    /** Corners, as they are called in documents. */
    public const CORNERS = [
        'frontBottom' => 'front, bottom',
        'frontTop' => 'front, top',
        'backBottom' => 'back, bottom',
        'backTop' => 'back, top',
    ];

    /** @param  array<string, float>  $cornersMm  by {@see Measured::CORNERS}, those that were measured */
    public function __construct(public array $cornersMm)
    {
    }

    /** How much further back than front, mm; null until both were measured at the same height. */
    public function outOfSquareMm(): ?float
    {
        return $this->greatest(
            ['Bottom', 'Top'],
            fn (string $height): ?float => $this->difference("back{$height}", "front{$height}"),
        );
    }

    /** How much further at the top than at the bottom, mm; null until both were measured on the same side. */
    public function leaningMm(): ?float
    {
        return $this->greatest(
            ['front', 'back'],
            fn (string $side): ?float => $this->difference("{$side}Top", "{$side}Bottom"),
        );
    }

    /** How far the middle of what was measured is from the plan, mm; null until anything was. */
    public function offPlanMm(float $plannedMm): ?float
    {
        return $this->cornersMm === [] ? null : array_sum($this->cornersMm) / count($this->cornersMm) - $plannedMm;
    }

    private function difference(string $one, string $other): ?float
    {
        return isset($this->cornersMm[$one], $this->cornersMm[$other])
            ? $this->cornersMm[$one] - $this->cornersMm[$other]
            : null;
    }

    /**
     * @param  list<string>  $of
     * @param  callable(string): ?float  $difference
     */
    private function greatest(array $of, callable $difference): ?float
    {
        $differences = array_values(array_filter(array_map($difference, $of), is_float(...)));
        usort($differences, static fn (float $a, float $b): int => abs($b) <=> abs($a));

        return $differences[0] ?? null;
    }
}
