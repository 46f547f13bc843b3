<?php

declare(strict_types=1);

namespace Ithys\Path;

/** The three stages in which waste leaves the water, in the order in which it turns from solid to dissolved. */
enum Stage: string
{
    case Solids = 'solids';
    case Organics = 'organics';
    case Uptake = 'uptake';

    public function label(): string
    {
        return match ($this) {
            self::Solids => 'Solids',
            self::Organics => 'Dissolved organics',
            self::Uptake => 'Nitrate and phosphate',
        };
    }

    public function verb(): string
    {
        return match ($this) {
            self::Solids => 'catches solids while they are solid',
            self::Organics => 'takes out dissolved organics',
            self::Uptake => 'takes up nitrate and phosphate',
        };
    }

    /** What keepers lean on when they leave this stage out on purpose. */
    public function stands(): string
    {
        return match ($this) {
            self::Solids => 'Without it, solids have to be siphoned out before they dissolve; a refugium as settling '
                .'chamber or strong display flow towards the skimmer take part of it over.',
            self::Organics => 'Without it, activated carbon, larger water changes and a catch of solids every 3 to 4 '
                .'days have to take its place, and oxygen comes from the surface alone.',
            self::Uptake => 'Without it, nitrate and phosphate leave only with water changes and whatever the rock '
                .'denitrifies; lighter feeding takes part of it over.',
        };
    }

    public function remedy(): string
    {
        return match ($this) {
            self::Solids => 'Add a sock, roller, pad or floss before the rest, or say why it is left out.',
            self::Organics => 'Add a skimmer (or activated carbon), or say why it is left out.',
            self::Uptake => 'Add a refugium, an algae reactor, a scrubber or phosphate media, or say why it is left '
                .'out.',
        };
    }
}
