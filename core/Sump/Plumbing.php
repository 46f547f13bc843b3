<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Flow\InvalidCurve;
use Ithys\Flow\ReturnLoop;
use Ithys\Quantity\Quantity;

/** The return pump with its pipe up, the overflow with its drain down, and the emergency pipe beside it. */
final readonly class Plumbing
{
    /** @param  array<string, PipeSystem>  $systems  by {@see PipeSystem::PARTS} */
    public function __construct(
        public PumpLabel $pump = new PumpLabel,
        public PipeRun $return = new PipeRun,
        public PipeRun $drain = new PipeRun,
        public PipeRun $emergency = new PipeRun,
        /** Length of the overflow's edge, mm, and the share of it between the teeth of its comb. */
        public ?float $overflowMm = null,
        public ?float $overflowOpenShare = null,
        public array $systems = [],
    ) {
    }

    /**
     * The return as it really runs; null while a figure is missing.
     *
     * @param  float  $viscosity  kinematic, m²/s
     *
     * @throws InvalidCurve when the points of the curve are no pump's
     */
    public function returnLoop(Assumptions $assumptions, float $viscosity): ?ReturnLoop
    {
        $curve = $this->pump->curve();
        $pipe = $this->return->rising($assumptions);

        return $curve === null || $pipe === null
            ? null
            : ReturnLoop::solve($curve, (float) $this->return->heightMm, [$pipe], $viscosity);
    }

    public function overflow(): ?Overflow
    {
        return $this->overflowMm === null ? null : new Overflow($this->overflowMm, $this->overflowOpenShare ?? 1.0);
    }

    /** Energy of the pump in a year, kWh; null while its power is not known. */
    public function kilowattHoursAYear(): ?float
    {
        return $this->pump->watts === null ? null : Quantity::kilowattHoursAYear($this->pump->watts, 24.0);
    }

    /** Water in the pipes, L; null while one is not known. An emergency pipe stands empty. */
    public function litres(): ?float
    {
        return PipeRun::litresOf($this->return, $this->drain);
    }

    /** @return array<string, mixed> what is given, by property */
    public function toArray(): array
    {
        return array_filter(
            [
                'pumpLitresPerHour' => $this->pump->litresPerHour,
                'pumpHeadMetres' => $this->pump->headMetres,
                'pumpWatts' => $this->pump->watts,
                'liftMm' => $this->return->heightMm,
                'boreMm' => $this->return->boreMm,
                'lengthMm' => $this->return->lengthMm,
                'fittings' => $this->return->fittings,
                'drainBoreMm' => $this->drain->boreMm,
                'drainLengthMm' => $this->drain->lengthMm,
                'drainFallMm' => $this->drain->heightMm,
                'drainFittings' => $this->drain->fittings,
                'curve' => array_map(
                    static fn (array $point): array => ['litresPerHour' => $point[0], 'headMetres' => $point[1]],
                    $this->pump->points,
                ),
                'valveOpen' => $this->return->valveOpen,
                'drainValveOpen' => $this->drain->valveOpen,
                'emergencyBoreMm' => $this->emergency->boreMm,
                'emergencyLengthMm' => $this->emergency->lengthMm,
                'emergencyFallMm' => $this->emergency->heightMm,
                'emergencyFittings' => $this->emergency->fittings,
                'overflowMm' => $this->overflowMm,
                'overflowOpenShare' => $this->overflowOpenShare,
                'systems' => array_map(static fn (PipeSystem $system): string => $system->value, $this->systems),
            ],
            static fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }
}
