<?php

declare(strict_types=1);

namespace Ithys\Path;

/** A yes or no about an item. */
enum Flag: string
{
    case Surface = 'surface';
    case Loose = 'loose';
    case OpenSides = 'open-sides';
    case Shielded = 'shielded';
    case Emergency = 'emergency';
    case Probe = 'probe';
    case CarriesFlow = 'carries-flow';

    public function label(): string
    {
        return match ($this) {
            self::Surface => 'Draws from the surface',
            self::Loose => 'Cut loose: water slips past it',
            self::OpenSides => 'Back or sides open: water passes by',
            self::Shielded => 'Its light is kept off the rest',
            self::Emergency => 'Has an emergency drain above the water line',
            self::Probe => 'Run by an ORP probe and controller',
            self::CarriesFlow => 'The water path runs through this part',
        };
    }
}
