<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** What is measured; each has one base unit in which the core computes. */
enum Dimension: string
{
    case Volume = 'volume';
    case Length = 'length';
    case Mass = 'mass';
    case Flow = 'flow';
    case Temperature = 'temperature';
    case Concentration = 'concentration';

    public function baseUnit(): Unit
    {
        return match ($this) {
            self::Volume => Unit::Litre,
            self::Length => Unit::Millimetre,
            self::Mass => Unit::Gram,
            self::Flow => Unit::LitrePerHour,
            self::Temperature => Unit::Celsius,
            self::Concentration => Unit::MilligramPerLitre,
        };
    }
}
