<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Document\Field;
use Ithys\Quantity\Dimension;

/** A number that an item of the path can have; the value of each case is its key in documents, with its unit. */
enum Figure: string
{
    case Count = 'count';
    case FlowLimit = 'flowLimitLitresPerHour';
    case Watts = 'watts';
    case Hours = 'hoursPerDay';
    case Sockets = 'sockets';
    case Length = 'lengthMm';
    case Width = 'widthMm';
    case Height = 'heightMm';
    case Capacity = 'capacityLitres';
    case ClaimLow = 'claimLowLitres';
    case ClaimHigh = 'claimHighLitres';
    case Micron = 'micron';
    case Air = 'airLitresPerHour';
    case Cover = 'coverMm';
    case Grams = 'grams';
    case GivesUp = 'givesUpLitres';
    case SpareHoles = 'spareHoles';

    public function label(): string
    {
        return match ($this) {
            self::Count => 'How many, side by side',
            self::FlowLimit => 'Most flow each takes',
            self::Watts => 'Power each',
            self::Hours => 'Hours a day',
            self::Sockets => 'Sockets each',
            self::Length => 'Footprint, length',
            self::Width => 'Footprint, width',
            self::Height => 'Height',
            self::Capacity => 'Water or media it holds',
            self::ClaimLow => 'Maker’s range, from',
            self::ClaimHigh => 'Maker’s range, to',
            self::Micron => 'Micron rating',
            self::Air => 'Air it draws',
            self::Cover => 'Water over its minimum line, return emptied',
            self::Grams => 'Amount of media',
            self::GivesUp => 'Water it can pump up before it sucks air',
            self::SpareHoles => 'Open spare holes in the tray',
        };
    }

    /** Null for a plain number. */
    public function dimension(): ?Dimension
    {
        return match ($this) {
            self::FlowLimit, self::Air => Dimension::Flow,
            self::Length, self::Width, self::Height, self::Cover => Dimension::Length,
            self::Capacity, self::ClaimLow, self::ClaimHigh, self::GivesUp => Dimension::Volume,
            self::Grams => Dimension::SmallMass,
            self::Watts => Dimension::Power,
            self::Hours => Dimension::Hours,
            self::Micron => Dimension::Micron,
            default => null,
        };
    }

    /** As a document holds it. */
    public function field(): Field
    {
        [$least, $most] = $this->bounds();

        return $this->isWhole()
            ? Field::whole($this->value, $this->label(), (int) $least, (int) $most)
            : Field::of($this->value, $this->label(), $this->dimension(), $least, $most);
    }

    public function isWhole(): bool
    {
        return $this === self::Count || $this === self::Sockets || $this === self::SpareHoles;
    }

    /** @return array{float, float} least and most, in base units */
    public function bounds(): array
    {
        return match ($this) {
            self::Count => [1.0, 40.0],
            self::FlowLimit, self::Air => [1.0, 500_000.0],
            self::Watts => [0.0, 5_000.0],
            self::Hours => [0.0, 24.0],
            self::Sockets, self::SpareHoles => [0.0, 20.0],
            self::Length, self::Width, self::Height => [1.0, 5_000.0],
            self::Capacity => [0.001, 10_000.0],
            self::ClaimLow, self::ClaimHigh => [1.0, 50_000.0],
            self::Micron => [1.0, 10_000.0],
            self::Cover => [0.0, 1_000.0],
            self::Grams => [1.0, 500_000.0],
            self::GivesUp => [0.1, 5_000.0],
        };
    }
}
