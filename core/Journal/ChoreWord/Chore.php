<?php

declare(strict_types=1);

namespace Ithys\Journal\ChoreWord;

/** What is to be done on a tank again and again, as the list of care has it. */
enum Chore: string
{
    case Sock = 'sock';
    case Wash = 'wash';
    case Pad = 'pad';
    case Floss = 'floss';
    case Sponge = 'sponge';
    case PreFilter = 'pre-filter';
    case Cup = 'cup';
    case Roller = 'roller';
    case Rinse = 'rinse';
    case Harvest = 'harvest';
    case Bio = 'bio';
    case Outlet = 'outlet';
    case Readings = 'readings';
    case Clarity = 'clarity';
    case TopOff = 'top-off';
    case Water = 'water';
    case Pump = 'pump';
    case Overflow = 'overflow';

    public function label(): string
    {
        return match ($this) {
            self::Sock => 'Change the socks',
            self::Wash => 'Wash the socks',
            self::Pad => 'Change the pads',
            self::Floss => 'Change the floss',
            self::Sponge => 'Clean the sponge',
            self::PreFilter => 'Clean the pre-filter',
            self::Cup => 'Empty the skimmer cup',
            self::Roller => 'Measure what is left of the fleece',
            self::Rinse => 'Rinse the macroalgae',
            self::Harvest => 'Harvest the macroalgae',
            self::Bio => 'Renew a third of the biological media',
            self::Outlet => 'Read phosphate before and after the reactor',
            self::Readings => 'Read nitrate and phosphate',
            self::Clarity => 'Score the clarity',
            self::TopOff => 'Fill the top-off reservoir',
            self::Water => 'Change water',
            self::Pump => 'Clean the return pump',
            self::Overflow => 'Clean the overflow',
        };
    }

    /** @return non-empty-list<string> its name in a line, in words */
    public function words(): array
    {
        return match ($this) {
            self::Wash => ['laundry'],
            self::PreFilter => ['pre-filter'],
            self::Cup => ['skimmer', 'cup'],
            self::Rinse => ['algae', 'rinse'],
            self::Bio => ['bio', 'media'],
            self::Outlet => ['reactor', 'reading'],
            self::Readings => ['test', 'readings'],
            self::TopOff => ['top-off'],
            self::Water => ['water', 'change'],
            self::Pump => ['return', 'pump'],
            default => [$this->value],
        };
    }
}
