<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** What is measured; each has one base unit in which the core computes, and one in which US keepers read it. */
enum Dimension: string
{
    case Volume = 'volume';
    case Dose = 'small volume';
    case Length = 'length';
    case Mass = 'mass';
    case SmallMass = 'small mass';
    case Flow = 'flow';
    case Temperature = 'temperature';
    case Concentration = 'concentration';
    /** A small length as a workshop gives it. */
    case Workshop = 'workshop length';
    case Head = 'head';
    case Speed = 'speed';
    case Stress = 'stress';
    case Power = 'power';
    case Energy = 'energy';
    case Hours = 'hours';
    case Days = 'days';
    case Months = 'months';
    case Turnover = 'turnover';
    case Displacement = 'displacement';
    case MassDose = 'mass for a volume of water';
    case VolumeDose = 'volume for a volume of water';
    case PowerDose = 'power for a volume of water';
    case AirDose = 'air for a volume of water';
    case Capacity = 'capacity';
    case Affinity = 'affinity';
    case EnergyPrice = 'price of energy';
    case VolumePrice = 'price of a volume';
    case PumpPower = 'power of a pump';
    case Micron = 'mesh';
    case Roughness = 'roughness';
    case Alkalinity = 'alkalinity';
    case Potential = 'potential';
    case Salinity = 'salinity';
    case Share = 'share';
    case Plain = 'number';

    public function baseUnit(): Unit
    {
        return UnitSystem::Metric->unitOf($this, true);
    }
}
