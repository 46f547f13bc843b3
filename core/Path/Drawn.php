<?php

declare(strict_types=1);

namespace Ithys\Path;

/** What a sump that is drawn to scale computes of the path it stands in; null and missing while it does not. */
final readonly class Drawn
{
    /**
     * @param  array<string, float>  $coverMm  water over the minimum line of each heater in the state that leaves the
     *   least, by item of the path
     */
    public function __construct(
        /** What the return pump really gives, L/h. */
        public ?float $litresPerHour = null,
        /** Water in the sump while it runs, L. */
        public ?float $sumpLitres = null,
        /** What the return can push up before it sucks air, L. */
        public ?float $givesUpLitres = null,
        public array $coverMm = [],
        /** What the emergency pipe carries, L/h; null where none is drawn. */
        public ?float $emergencyLitresPerHour = null,
    ) {
    }

    /** Whether a blocked drain has another way down: a drawn emergency pipe counts, whatever is said on the path. */
    public function hasEmergency(Item $overflow): bool
    {
        return $this->emergencyLitresPerHour === null
            ? $overflow->is(Flag::Emergency)
            : $this->emergencyLitresPerHour >= ($this->litresPerHour ?? 0.0);
    }

    /** Water over the minimum line of a heater: as drawn, else as its keeper says. */
    public function cover(Item $heater): ?float
    {
        return $this->coverMm[$heater->id] ?? $heater->figure(Figure::Cover);
    }

    /** What a return pump can push up: as drawn, else as its keeper says. */
    public function givesUp(?Item $pump): ?float
    {
        return $this->givesUpLitres ?? $pump?->figure(Figure::GivesUp);
    }
}
