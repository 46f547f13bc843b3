<?php

declare(strict_types=1);

namespace Ithys\Path;

/** The ways to filter a reef, by where the water goes. */
enum Style: string
{
    case HangOn = 'hang-on';
    case RearChamber = 'rear-chamber';
    case Canister = 'canister';
    case Sump = 'sump';
    case Internal = 'internal';

    public function label(): string
    {
        return match ($this) {
            self::HangOn => 'Hang-on',
            self::RearChamber => 'Rear chamber',
            self::Canister => 'Canister',
            self::Sump => 'Sump',
            self::Internal => 'Tiny internal',
        };
    }

    /** Whether water falls through open chambers, so that it carries bubbles and a level that evaporation lowers. */
    public function hasOpenChambers(): bool
    {
        return $this === self::Sump || $this === self::RearChamber;
    }
}
