<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Flow\Fitting;
use Ithys\Flow\Pipe;
use Ithys\Flow\Throttle;

/** One pipe between sump and display with its fittings; a figure is null while it is not given. */
final readonly class PipeRun
{
    /** @param  array<string, int>  $fittings  how many of each, by {@see Fitting} */
    public function __construct(
        public ?float $boreMm = null,
        public ?float $lengthMm = null,
        /** Height between its ends, mm: the lift of a return, the fall of a drain. */
        public ?float $heightMm = null,
        public array $fittings = [],
        /** How far a gate valve in it is open, as a share; null without one or while it is open. */
        public ?float $valveOpen = null,
    ) {
    }

    /** Whether there is such a pipe, as far as its keeper says. */
    public function isThere(): bool
    {
        return $this->boreMm !== null;
    }

    /** Water in it when full, L; null while bore or length is not given. */
    public function litres(): ?float
    {
        return $this->boreMm === null || $this->lengthMm === null
            ? null
            : (new Pipe($this->boreMm, $this->lengthMm))->litres();
    }

    /** Water in several of them, L; null while one is not known. */
    public static function litresOf(self ...$pipes): ?float
    {
        $litres = array_map(static fn (self $pipe): ?float => $pipe->litres(), $pipes);

        return in_array(null, $litres, true) ? null : array_sum($litres);
    }

    /** As a pump pushes water up it; null while a figure is missing. */
    public function rising(Assumptions $assumptions): ?Pipe
    {
        return $this->pipe($assumptions, $this->fittings, $this->valveOpen);
    }

    /** As water falls through it, in by a sharp entrance; null while a figure is missing. */
    public function falling(Assumptions $assumptions): ?Pipe
    {
        return $this->pipe($assumptions, self::withEntrance($this->fittings), $this->valveOpen);
    }

    /**
     * What it carries down as a full siphon, L/h; null while a figure is missing.
     *
     * @param  float  $viscosity  kinematic, m²/s
     */
    public function carries(Assumptions $assumptions, float $viscosity): ?float
    {
        return $this->falling($assumptions)?->flowAt((float) $this->heightMm / 1000, $viscosity);
    }

    /**
     * How far a gate valve in it is open, as a share, when it carries down just this flow, full and silent; null while
     * a figure is missing, or where no setting does.
     */
    public function tunedOpen(Assumptions $assumptions, float $litresPerHour, float $viscosity): ?float
    {
        $open = $this->pipe($assumptions, self::withEntrance($this->fittings), null);
        if ($open === null || $litresPerHour <= 0.0) {
            return null;
        }
        $spare = ((float) $this->heightMm / 1000 - $open->headLoss($litresPerHour, $viscosity))
            / $open->velocityHead($litresPerHour);
        $throttle = new Throttle($assumptions);

        // A gate valve that is among the fittings costs its open loss already.
        return $spare < 0.0 ? null : $throttle->openFor($spare + ($this->hasGate() ? $throttle->loss(1.0) : 0.0));
    }

    private function hasGate(): bool
    {
        return isset($this->fittings[Fitting::GateValve->value]);
    }

    /**
     * Every pipe ends somewhere: the speed of its water is lost there, also where nobody counted an outlet.
     *
     * @param  array<string, int>  $fittings
     */
    private function pipe(Assumptions $assumptions, array $fittings, ?float $valveOpen): ?Pipe
    {
        if ($this->boreMm === null || $this->lengthMm === null || $this->heightMm === null) {
            return null;
        }
        $pipe = Pipe::with($this->boreMm, $this->lengthMm, [Fitting::Outlet->value => 1, ...$fittings], $assumptions);
        $throttle = new Throttle($assumptions);

        return $valveOpen === null
            ? $pipe
            : $pipe->losing($throttle->loss($valveOpen) - ($this->hasGate() ? $throttle->loss(1.0) : 0.0));
    }

    /**
     * @param  array<string, int>  $fittings
     * @return array<string, int>
     */
    private static function withEntrance(array $fittings): array
    {
        return [Fitting::Entrance->value => 1, ...$fittings];
    }
}
