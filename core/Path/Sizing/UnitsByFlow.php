<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

/** How many socks or rollers a flow needs: by the flow, not by the holes there are; spare holes are capped. */
final readonly class UnitsByFlow
{
    private function __construct(
        public int $units,
        /** Holes left over, to be capped. */
        public int $caps,
        /** Holes still to be cut. */
        public int $lacking,
        public int $controllers,
    ) {
    }

    /**
     * @param  float  $limit  most flow one unit takes, in the unit of the flow
     * @param  float  $perController  units that one controller runs
     */
    public static function of(float $flow, float $limit, int $holes, float $perController): self
    {
        $units = self::needed($flow, $limit);

        return new self(
            $units,
            max(0, $holes - $units),
            max(0, $units - $holes),
            (int) ceil($units / $perController),
        );
    }

    /** Units that a flow needs; a hair over, such as a rating converted from gallons, is not another one. */
    public static function needed(float $flow, float $limit): int
    {
        return max(1, (int) ceil($flow / $limit - 1e-4));
    }
}
