<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Sump\Section;

/** How high over the floor pieces are set that do not stand on it. */
final class Heights
{
    /** @return array<string, float> by piece, mm: the edge of a hanging baffle, the top of the ledges of a tray */
    public static function of(Section $section): array
    {
        $heights = [];
        foreach ($section->inside->baffles as $baffle) {
            if ($baffle->hangs()) {
                $heights[$baffle->id] = $baffle->gapMm;
            }
        }
        foreach ($section->inside->trays as $tray) {
            $heights[$tray->id] = $tray->undersideMm();
        }

        return $heights;
    }
}
