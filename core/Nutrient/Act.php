<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** A lever at its moment. */
final readonly class Act
{
    /** Before all else that is done at the start: what is fitted then has been there before. */
    public const BEFORE = -1.0;

    public function __construct(
        /** Days from the start. */
        public float $day,
        public Lever $lever,
    ) {
    }

    /**
     * In the order in which they happen: by time, then by turn, then as entered.
     *
     * @param  list<self>  $acts
     * @return list<self>
     */
    public static function inOrder(array $acts): array
    {
        usort(
            $acts,
            static fn (self $a, self $b): int => [$a->day, $a->lever->turn()] <=> [$b->day, $b->lever->turn()],
        );

        return $acts;
    }
}
