<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

/** What organic carbon is dosed as. */
enum CarbonSource: string
{
    case Vinegar = 'vinegar';
    case Spirit = 'spirit';
    case Blend = 'blend';

    public function label(): string
    {
        return match ($this) {
            self::Vinegar => 'vinegar',
            self::Spirit => 'vodka',
            self::Blend => 'vodka and vinegar mix',
        };
    }

    /** Share of ethanol or acetic acid that it usually has: common practice; null for a mix. */
    public function strength(): ?float
    {
        return match ($this) {
            self::Vinegar => 0.05,
            self::Spirit => 0.4,
            self::Blend => null,
        };
    }

    /** By a word of the log. */
    public static function named(string $word): ?self
    {
        return $word === 'vodka' ? self::Spirit : self::tryFrom($word);
    }
}
