<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** What a device in a chamber is, as far as its water goes. */
enum DeviceKind: string
{
    case Skimmer = 'skimmer';
    case Heater = 'heater';
    case Pump = 'pump';
    case Roller = 'roller';
    case Other = 'other';
}
