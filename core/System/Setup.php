<?php

declare(strict_types=1);

namespace Ithys\System;

use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Path\Drawn;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Load;
use Ithys\Path\Path;
use Ithys\Path\Review\Situation;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\SumpDesign;
use Ithys\Water\Tank;
use Ithys\Water\WorkingVolume;

/**
 * What stands at a moment: the tank as described, the path of the water, and the sump as drawn. Whoever wants a fact of
 * the system asks here.
 *
 * A figure that the drawn sump computes goes before one that is described, and neither is copied into the other.
 */
final readonly class Setup
{
    /** The tank with the flow, the sump water and the further tanks it really has. */
    public Tank $tank;

    public Drawn $drawn;

    public ?SumpDesign $sump;

    /**
     * @param  Tank  $described  as its keeper describes it
     * @param  ?Path  $path  null while none is laid out
     * @param  ?SumpDesign  $sump  null while none is drawn; it counts only where the path is of its kind
     */
    public function __construct(public Tank $described, public ?Path $path = null, ?SumpDesign $sump = null)
    {
        $this->sump = $path === null || $path->style === $sump?->style() ? $sump : null;
        $this->drawn = $this->sump?->drawn($this->asSaid(), $path) ?? new Drawn();
        $this->tank
            = $path === null
                ? $described->with(
                    $this->drawn->sumpLitres ?? $described->beside->sumpLitres,
                    $this->drawn->litresPerHour ?? $described->filterLitresPerHour,
                    $described->beside->furtherTankLitres,
                )
                : $path->tank($described, $this->drawn);
    }

    /** The same tank and sump with another path, as while one is laid out. */
    public function along(Path $path): self
    {
        return new self($this->described, $path, $this->sump);
    }

    /** The same tank and path with another sump, as while one is drawn. */
    public function over(?SumpDesign $sump): self
    {
        return new self($this->described, $this->path, $sump);
    }

    /** The tank with its path, before anything is computed from a drawing. */
    public function asSaid(): Tank
    {
        return $this->path?->tank($this->described) ?? $this->described;
    }

    /** Flow through the filter, L/h. */
    public function litresPerHour(): ?Fact
    {
        return Fact::best($this->drawn->litresPerHour, $this->asSaid()->filterLitresPerHour);
    }

    /** Water in the sump while it runs, L. */
    public function sumpLitres(): ?Fact
    {
        return Fact::best($this->drawn->sumpLitres, $this->described->beside->sumpLitres);
    }

    /** What the return can push up before it sucks air, L. */
    public function givesUpLitres(?Item $pump): ?Fact
    {
        return Fact::best($this->drawn->givesUpLitres, (new Drawn)->givesUp($pump));
    }

    /** Water over the minimum line of a heater in the state that leaves the least, mm. */
    public function heaterCoverMm(Item $heater): ?Fact
    {
        return Fact::best($this->drawn->coverMm[$heater->id] ?? null, (new Drawn)->cover($heater));
    }

    public function workingVolume(): WorkingVolume
    {
        return $this->tank->workingVolume();
    }

    /** @return list<Container> bags, baskets and reactors of the path that a charge can name */
    public function containers(): array
    {
        $containers = [];
        foreach ($this->path?->items() ?? [] as $item) {
            $place = match ($item->kind) {
                Kind::Reactor => Place::Reactor,
                Kind::CanisterBasket => Place::Canister,
                Kind::Basket => Place::Basket,
                Kind::Bag => Place::Bag,
                default => null,
            };
            if ($place !== null) {
                $media = array_map(static fn (Load $load): Medium => $load->medium, $item->media);
                $containers[] = new Container($item->id, $item->title(), $place, $media);
            }
        }

        return $containers;
    }

    /** Its path as a reviewer sees it; null while none is laid out. */
    public function situation(): ?Situation
    {
        return $this->path === null ? null : new Situation($this->path, $this->described, $this->drawn);
    }

    /** Another path in the same tank, as while one is laid out. */
    public function situationAlong(Path $path): Situation
    {
        $along = $this->along($path);

        return new Situation($path, $along->described, $along->drawn);
    }

    /** What the drawn sump means; null while none is. */
    public function sumpReview(): ?SumpReview
    {
        return $this->sump?->review($this->asSaid(), $this->path);
    }
}
