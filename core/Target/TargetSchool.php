<?php

declare(strict_types=1);

namespace Ithys\Target;

use Ithys\Assumption\Assumptions;
use Ithys\Journal\Reading\Parameter;

/**
 * Keepers disagree on how much nitrate and phosphate a reef should have; the keeper picks a school, or none. The
 * figures are our own estimates, and each tank may have its own.
 */
enum TargetSchool: string
{
    case VeryLow = 'very-low';
    case Balanced = 'balanced';
    case HeavyInOut = 'heavy-in-out';

    public function label(): string
    {
        return match ($this) {
            self::VeryLow => 'Very low nutrient',
            self::Balanced => 'Balanced',
            self::HeavyInOut => 'Heavy in, heavy out',
        };
    }

    /** @return list<TargetBand> of nitrate and phosphate */
    public function bands(Assumptions $assumptions): array
    {
        return array_map(fn (Parameter $parameter): TargetBand => new TargetBand(
            $parameter,
            $assumptions->value($this->key($parameter, 'low')),
            $assumptions->value($this->key($parameter, 'high')),
        ), Parameter::nutrients());
    }

    /** The first of its assumptions; the others stand below it. */
    public function firstKey(): string
    {
        return $this->key(Parameter::Nitrate, 'low');
    }

    private function key(Parameter $parameter, string $end): string
    {
        return "target-{$this->value}-{$parameter->value}-{$end}";
    }
}
