<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;

/** Keepers disagree on turnover through the filter; the keeper picks a school and is judged by it. */
enum TurnoverSchool: string
{
    case Moderate = 'moderate';
    case Brisk = 'brisk';

    public function label(): string
    {
        return $this === self::Moderate
            ? 'Moderate, 5 to 10 an hour (sump)'
            : 'Brisk, 10 to 30 an hour (small rear chamber)';
    }

    public function wanted(): string
    {
        return $this === self::Moderate
            ? 'The moderate school wants 5 to 10 through the filter.'
            : 'The brisk school wants at least 10, better 20 to 30.';
    }

    public function lowest(): Assumption
    {
        return $this === self::Moderate ? Assumptions::moderateTurnoverLow() : Assumptions::briskTurnoverLow();
    }

    public function highest(): Assumption
    {
        return $this === self::Moderate ? Assumptions::moderateTurnoverHigh() : Assumptions::briskTurnoverHigh();
    }
}
