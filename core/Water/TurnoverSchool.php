<?php

declare(strict_types=1);

namespace Ithys\Water;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Keepers disagree on turnover through the filter; the keeper picks a school and is judged by it. */
enum TurnoverSchool: string
{
    case Moderate = 'moderate';
    case Brisk = 'brisk';

    public function label(Assumptions $assumptions): Text
    {
        return Text::of(
            $this === self::Moderate ? 'Moderate: {low} to {high} an hour' : 'Brisk: {low} to {high} an hour',
            low: Quantity::number($this->lowest($assumptions)->value),
            high: Quantity::number($this->highest($assumptions)->value),
        );
    }

    /** What this school asks for, in words. */
    public function wanted(Assumptions $assumptions): Text
    {
        $figures = [
            'low' => Quantity::number($this->lowest($assumptions)->value),
            'better' => Quantity::number(
                ($this->lowest($assumptions)->value + $this->highest($assumptions)->value) / 2,
            ),
            'high' => Quantity::number($this->highest($assumptions)->value),
        ];

        return $this === self::Moderate
            ? Text::of('The moderate school wants {low} to {high} through the filter.', ...$figures)
            : Text::of('The brisk school wants at least {low}, better {better} to {high}.', ...$figures);
    }

    public function lowest(Assumptions $assumptions): Assumption
    {
        return $assumptions->of($this === self::Moderate ? Assumed::TurnoverModerateLow : Assumed::TurnoverBriskLow);
    }

    public function highest(Assumptions $assumptions): Assumption
    {
        return $assumptions->of($this === self::Moderate ? Assumed::TurnoverModerateHigh : Assumed::TurnoverBriskHigh);
    }
}
