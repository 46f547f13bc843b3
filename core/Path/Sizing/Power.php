<?php

declare(strict_types=1);

namespace Ithys\Path\Sizing;

use Ithys\Assumption\Assumed;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Review\Situation;
use Ithys\Quantity\Quantity;

/** What equipment draws in a tank: as its keeper says, else as usual for the water and the flow it has. */
final readonly class Power
{
    public function __construct(private Situation $here)
    {
    }

    /** Of all units, W. */
    public function watts(Item $item): float
    {
        return $item->count() * ($item->figure(Figure::Watts) ?? $this->usualWatts($item));
    }

    /** Hours a day it runs. */
    public function hours(Item $item): float
    {
        return $item->figure(Figure::Hours) ?? match ($item->kind) {
            Kind::Heater => $this->heatingHours(),
            default => $item->hours($this->here->assumptions),
        };
    }

    /** An algae reactor in the line needs one for its light, and no pump of its own. */
    public function sockets(Item $item): int
    {
        return $item->kind === Kind::AlgaeReactor
            && $item->figure(Figure::Sockets) === null
            && $this->here->path->isFedByReturn($item)
            ? $item->count()
            : $item->sockets();
    }

    public function kilowattHoursAYear(Item $item): float
    {
        return Quantity::kilowattHoursAYear($this->watts($item), $this->hours($item));
    }

    private function usualWatts(Item $item): float
    {
        $assumptions = $this->here->assumptions;
        $litres = $this->here->workingLitres;

        return match ($item->kind) {
            Kind::Heater => $litres * $assumptions->value(Assumed::HeaterRating) / $this->heaters(),
            Kind::ReturnPump => $this->pumpedLitresPerHour($item) / 1000
                * $assumptions->value("style-watts-{$this->here->path->style->value}"),
            default => $item->kind->isPowered() ? $assumptions->value("watts-{$item->kind->value}") : 0.0,
        };
    }

    /** The flow of the pump; while it is not known, the least its keeper's school wants. */
    private function pumpedLitresPerHour(Item $pump): float
    {
        $flow = $this->here->course->flowEach($pump);

        return $flow !== null && $flow > 0.0
            ? $flow
            : $this->here->tank->school->lowest($this->here->assumptions)->value * $this->here->workingLitres;
    }

    /** Heaters share the water, whether they are one item or several. */
    private function heaters(): int
    {
        return max(1, array_sum(array_map(
            static fn (Item $item): int => $item->count(),
            $this->here->path->itemsOf(Kind::Heater),
        )));
    }

    /** By how much warmer the water is than the room; a heater of the usual size holds so much at the most. */
    private function heatingHours(): float
    {
        $assumptions = $this->here->assumptions;
        $warmer = max(0.0, $this->here->tank->water->celsius - $assumptions->value(Assumed::RoomCelsius));

        return min(24.0, $warmer * $assumptions->value(Assumed::HeatingHours));
    }
}
