<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Pipe;
use Ithys\Flow\PumpCurve;
use Ithys\Flow\ReturnLoop;

/** The return pump with its pipe up, and the drain down. */
final readonly class Plumbing
{
    /**
     * @param  array<string, int>  $fittings  of the return pipe, by {@see \Ithys\Flow\Fitting}
     * @param  array<string, int>  $drainFittings
     */
    public function __construct(
        /** Figures on the label of the pump: most flow in L/h and most height in m; null while not known. */
        public ?float $pumpLitresPerHour = null,
        public ?float $pumpHeadMetres = null,
        public ?float $pumpWatts = null,
        public ?float $liftMm = null,
        public ?float $boreMm = null,
        public ?float $lengthMm = null,
        public array $fittings = [],
        public ?float $drainBoreMm = null,
        public ?float $drainLengthMm = null,
        /** Height from the water in the overflow to the water in the sump, mm. */
        public ?float $drainFallMm = null,
        public array $drainFittings = [],
    ) {
    }

    /**
     * The return as it really runs; null while a figure is missing.
     *
     * @param  float  $viscosity  kinematic, m²/s
     */
    public function returnLoop(float $viscosity): ?ReturnLoop
    {
        if ($this->pumpLitresPerHour === null || $this->pumpHeadMetres === null || $this->liftMm === null || $this->boreMm === null) {
            return null;
        }

        return ReturnLoop::solve(PumpCurve::label($this->pumpLitresPerHour, $this->pumpHeadMetres), $this->liftMm,
            [Pipe::with($this->boreMm, $this->lengthMm ?? $this->liftMm, $this->fittings)], $viscosity);
    }

    /** What the drain carries as a full siphon, L/h; null while a figure is missing. */
    public function drainLitresPerHour(float $viscosity): ?float
    {
        return $this->drainBoreMm === null || $this->drainFallMm === null ? null
            : Pipe::with($this->drainBoreMm, $this->drainLengthMm ?? $this->drainFallMm, ['entrance' => 1, 'outlet' => 1, ...$this->drainFittings])->flowAt($this->drainFallMm / 1000, $viscosity);
    }

    /** Energy of the pump in a year, kWh; null while its power is not known. */
    public function kilowattHoursAYear(): ?float
    {
        return $this->pumpWatts === null ? null : $this->pumpWatts * 24 * 365.25 / 1000;
    }

    /** Water in the pipes, L. */
    public function litres(): float
    {
        return ($this->boreMm === null ? 0.0 : (new Pipe($this->boreMm, $this->lengthMm ?? $this->liftMm ?? 0.0))->litres())
            + ($this->drainBoreMm === null ? 0.0 : (new Pipe($this->drainBoreMm, $this->drainLengthMm ?? $this->drainFallMm ?? 0.0))->litres());
    }
}
