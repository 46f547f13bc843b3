<?php

declare(strict_types=1);

namespace Ithys\Learning;

/** What is learned of a tank from its readings: factors on defaults, known beforehand by a spread of their logs. */
enum Unknown: string
{
    case Input = 'input';
    case PhosphorusOfFood = 'food-p';
    case BackgroundNitrogen = 'background-n';
    case BackgroundPhosphorus = 'background-p';
    case RockCapacity = 'rock-capacity';
    case RockRate = 'rock-rate';
    case RockStart = 'rock-start';
    case Media = 'media';
    case StartNitrate = 'start-no3';
    case StartPhosphate = 'start-po4';

    public function label(): string
    {
        return match ($this) {
            self::Input => 'What food brings in',
            self::PhosphorusOfFood => 'Phosphorus in the food',
            self::BackgroundNitrogen => 'Nitrate taken up by all else',
            self::BackgroundPhosphorus => 'Phosphate taken up by all else',
            self::RockCapacity => 'Phosphorus that rock holds',
            self::RockRate => 'How fast rock takes and gives',
            self::RockStart => 'Phosphorus on the rock at the start',
            self::Media => 'What phosphate media hold',
            self::StartNitrate => 'Nitrate at the start',
            self::StartPhosphate => 'Phosphate at the start',
        };
    }

    /** Standard deviation of the log of the factor beforehand; our estimate. Null for the start, whose kit says it. */
    public function spread(): ?float
    {
        return match ($this) {
            self::Input => 0.3,
            self::PhosphorusOfFood => 0.25,
            self::BackgroundNitrogen, self::BackgroundPhosphorus => 0.7,
            self::RockCapacity => 0.6,
            self::RockRate => 0.5,
            self::RockStart, self::Media => 0.4,
            self::StartNitrate, self::StartPhosphate => null,
        };
    }

    /**
     * Whether its range of 90 % held in eight of ten simulated tanks and more, those of other physics among them. What
     * food brings, its phosphorus and what all else takes up can be split otherwise and fit as well.
     */
    public function holdsAlone(): bool
    {
        return match ($this) {
            self::Input, self::Media, self::StartNitrate, self::StartPhosphate => true,
            default => false,
        };
    }
}
