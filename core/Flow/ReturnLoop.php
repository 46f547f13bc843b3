<?php

declare(strict_types=1);

namespace Ithys\Flow;

/** The return as it really runs: where the pump's curve meets the lift and the losses of its pipes. */
final readonly class ReturnLoop
{
    private function __construct(
        public float $litresPerHour,
        /** Head the pump works against at that flow, m, lift included. */
        public float $headMetres,
        public float $liftMetres,
        /** Head lost in pipes and fittings, m. */
        public float $lossMetres,
        /** Speed in the narrowest pipe, m/s. */
        public float $speed,
    ) {
    }

    /**
     * @param  float  $liftMm  from the water in the return chamber to the water or outlet above it
     * @param  list<Pipe>  $pipes  one after another
     * @param  float  $viscosity  kinematic, m²/s
     */
    public static function solve(PumpCurve $pump, float $liftMm, array $pipes, float $viscosity): self
    {
        $loss = static fn (float $litresPerHour): float => array_sum(
            array_map(static fn (Pipe $pipe): float => $pipe->headLoss($litresPerHour, $viscosity), $pipes),
        );
        $flow = Bisection::root(
            static fn (float $litresPerHour): float => $liftMm / 1000
                + $loss($litresPerHour)
                - $pump->head($litresPerHour),
            0.0,
            1e6,
        );

        return new self(
            $flow,
            $liftMm / 1000 + $loss($flow),
            $liftMm / 1000,
            $loss($flow),
            $pipes === [] ? 0.0 : max(array_map(static fn (Pipe $pipe): float => $pipe->speed($flow), $pipes)),
        );
    }
}
