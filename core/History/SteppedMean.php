<?php

declare(strict_types=1);

namespace Ithys\History;

/** A mean that may have stepped of late, with the step in it as far as it is likely. */
final readonly class SteppedMean
{
    /**
     * @param  float  $least  that it may be, as a share of it
     * @param  float  $most  the same at the most
     * @param  float  $count  how many figures it is worth
     */
    private function __construct(public float $value, public float $least, public float $most, public float $count)
    {
    }

    /**
     * @param  float  $all  the mean without a step
     * @param  float  $behind  the mean behind the step
     * @param  float  $likely  that there is one; 0 where it is not looked at
     * @param  non-empty-list<float>|list<float>  $weights
     */
    public static function of(float $all, float $behind, float $likely, array $weights): self
    {
        $value = (1 - $likely) * $all + $likely * $behind;
        [$least, $most] = $likely > 0.0 ? [min($all, $behind), max($all, $behind)] : [$all, $all];
        $squares = array_sum(array_map(static fn (float $one): float => $one ** 2, $weights));

        return new self($value, $least / $value, $most / $value, array_sum($weights) ** 2 / $squares);
    }
}
