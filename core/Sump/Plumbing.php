<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Fitting;
use Ithys\Flow\InvalidCurve;
use Ithys\Flow\Pipe;
use Ithys\Flow\PumpCurve;
use Ithys\Flow\ReturnLoop;
use Ithys\Flow\Throttle;

/** The return pump with its pipe up, the overflow with its drain down, and the emergency pipe beside it. */
final readonly class Plumbing
{
    /**
     * @param  array<string, int>  $fittings  of the return pipe, by {@see Fitting}
     * @param  array<string, int>  $drainFittings
     * @param  list<array{float, float}>  $curve  points of the pump's curve: flow in L/h and head in m; they go before
     *   the label
     * @param  array<string, int>  $emergencyFittings
     * @param  array<string, PipeSystem>  $systems  by {@see PipeSystem::PARTS}
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
        public array $curve = [],
        /** How far a gate valve in the return pipe is open, as a share; null without one or while it is open. */
        public ?float $valveOpen = null,
        public ?float $drainValveOpen = null,
        public ?float $emergencyBoreMm = null,
        public ?float $emergencyLengthMm = null,
        public ?float $emergencyFallMm = null,
        public array $emergencyFittings = [],
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
    public function returnLoop(float $viscosity): ?ReturnLoop
    {
        $pump = $this->pumpCurve();
        if ($pump === null || $this->liftMm === null || $this->boreMm === null) {
            return null;
        }

        return ReturnLoop::solve(
            $pump,
            $this->liftMm,
            [
                self::run(
                    $this->boreMm,
                    $this->lengthMm ?? $this->liftMm,
                    self::withOutlet($this->fittings),
                    $this->valveOpen,
                ),
            ],
            $viscosity,
        );
    }

    /** @throws InvalidCurve */
    public function pumpCurve(): ?PumpCurve
    {
        return match (true) {
            $this->curve !== [] => PumpCurve::through($this->curve),
            $this->pumpLitresPerHour === null || $this->pumpHeadMetres === null => null,
            default => PumpCurve::label($this->pumpLitresPerHour, $this->pumpHeadMetres),
        };
    }

    /** What the drain carries as a full siphon, L/h; null while a figure is missing. */
    public function drainLitresPerHour(float $viscosity): ?float
    {
        return $this->drainBoreMm === null || $this->drainFallMm === null
            ? null
            : self::fall(
                $this->drainBoreMm,
                $this->drainLengthMm ?? $this->drainFallMm,
                $this->drainFittings,
                $this->drainValveOpen,
            )->flowAt($this->drainFallMm / 1000, $viscosity);
    }

    /** What the emergency pipe carries when it runs full, L/h; null while a figure is missing. */
    public function emergencyLitresPerHour(float $viscosity): ?float
    {
        return $this->emergencyBoreMm === null || $this->emergencyFallMm === null
            ? null
            : self::fall(
                $this->emergencyBoreMm,
                $this->emergencyLengthMm ?? $this->emergencyFallMm,
                $this->emergencyFittings,
                null,
            )->flowAt($this->emergencyFallMm / 1000, $viscosity);
    }

    /**
     * How far a gate valve in the drain is open, as a share, when the drain carries just this flow and runs full and
     * silent; null while a figure is missing, or where no setting does.
     */
    public function drainTunedOpen(float $litresPerHour, float $viscosity): ?float
    {
        if ($this->drainBoreMm === null || $this->drainFallMm === null || $litresPerHour <= 0.0) {
            return null;
        }
        $pipe = self::fall($this->drainBoreMm, $this->drainLengthMm ?? $this->drainFallMm, $this->drainFittings, null);
        $spare
            = ($this->drainFallMm / 1000 - $pipe->headLoss($litresPerHour, $viscosity))
            / $pipe->velocityHead($litresPerHour);

        // A gate valve that is among the fittings costs its open loss already.
        return $spare < 0.0
            ? null
            : Throttle::openFor(
                $spare + (isset($this->drainFittings[Fitting::GateValve->value]) ? Throttle::loss(1.0) : 0.0),
            );
    }

    public function overflow(): ?Overflow
    {
        return $this->overflowMm === null ? null : new Overflow($this->overflowMm, $this->overflowOpenShare ?? 1.0);
    }

    /** Energy of the pump in a year, kWh; null while its power is not known. */
    public function kilowattHoursAYear(): ?float
    {
        return $this->pumpWatts === null ? null : $this->pumpWatts * 24 * 365.25 / 1000;
    }

    /** Water in the pipes, L. An emergency pipe stands empty. */
    public function litres(): float
    {
        return ($this->boreMm === null
            ? 0.0
            : (new Pipe($this->boreMm, $this->lengthMm ?? ($this->liftMm ?? 0.0)))->litres())
            + ($this->drainBoreMm === null
                ? 0.0
                : (new Pipe($this->drainBoreMm, $this->drainLengthMm ?? ($this->drainFallMm ?? 0.0)))->litres());
    }

    /** @return array<string, mixed> what is given, by property */
    public function toArray(): array
    {
        return array_filter(
            [
                ...self::named(get_object_vars($this)),
                'curve' => array_map(
                    static fn (array $point): array => ['litresPerHour' => $point[0], 'headMetres' => $point[1]],
                    $this->curve,
                ),
                'systems' => array_map(static fn (PipeSystem $system): string => $system->value, $this->systems),
            ],
            static fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /**
     * @param  array<mixed>  $properties
     * @return array<string, mixed>
     */
    private static function named(array $properties): array
    {
        return array_combine(array_map(strval(...), array_keys($properties)), $properties);
    }

    /** @param  array<string, int>  $fittings */
    private static function fall(float $boreMm, float $lengthMm, array $fittings, ?float $valveOpen): Pipe
    {
        return self::run($boreMm, $lengthMm, ['entrance' => 1, ...self::withOutlet($fittings)], $valveOpen);
    }

    /**
     * Every pipe ends somewhere: the speed of its water is lost there, also where nobody counted an outlet.
     *
     * @param  array<string, int>  $fittings
     * @return array<string, int>
     */
    private static function withOutlet(array $fittings): array
    {
        return [Fitting::Outlet->value => 1, ...$fittings];
    }

    /** @param  array<string, int>  $fittings */
    private static function run(float $boreMm, float $lengthMm, array $fittings, ?float $valveOpen): Pipe
    {
        $pipe = Pipe::with($boreMm, $lengthMm, $fittings);

        return $valveOpen === null
            ? $pipe
            : $pipe->losing(
                Throttle::loss($valveOpen) - (isset($fittings[Fitting::GateValve->value]) ? Throttle::loss(1.0) : 0.0),
            );
    }
}
