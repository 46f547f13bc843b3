<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** How heavily the tank is stocked and fed. */
enum Stock: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';

    public function label(): string
    {
        return match ($this) {
            self::Light => 'light, few small fish',
            self::Medium => 'medium, fed daily',
            self::Heavy => 'heavy, large fish',
        };
    }

    /** How many litres of a lightly stocked tank one litre of this one is to a skimmer. */
    public function weight(Assumptions $assumptions): Assumption
    {
        return match ($this) {
            self::Light => $assumptions->of(Assumed::LightStock),
            self::Medium => $assumptions->of(Assumed::MediumStock),
            self::Heavy => $assumptions->of(Assumed::HeavyStock),
        };
    }
}
