<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Quantity\UnitSystem;

/** Lines that show a keeper how to log. */
final class Examples
{
    /** @return list<string> */
    public static function of(UnitSystem $units): array
    {
        return [
            'no3 8.5 po4 0.06',
            'sock changed',
            $units === UnitSystem::Metric ? 'water change 40 l yesterday' : 'water change 10 gal yesterday',
        ];
    }

    /** Of a change whose effect can be judged. */
    public static function change(UnitSystem $units): string
    {
        return $units === UnitSystem::Metric ? 'gfo 120 g reactor' : 'gfo 4 oz reactor';
    }
}
