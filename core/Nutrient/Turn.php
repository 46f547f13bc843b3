<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** The order of what is done at one moment: settings first, for they move nothing; then from dirt to water. */
final class Turn
{
    public const SETTING = 0;

    public const CHANGE = 1;

    public const FITTING = 2;

    public const SIPHON = 3;

    public const HARVEST = 4;

    public const ALGAE = 5;

    public const MEDIA_OUT = 6;

    public const MEDIA_IN = 7;

    public const WATER_CHANGE = 8;

    public const LANTHANUM = 9;
}
