<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\Dimension;

/** How a charge is meant: for how long, beside what, and on how many days of a week. */
final readonly class Terms
{
    public const WEEK = 7.0;

    public function __construct(
        public ?float $days = null,
        public bool $isTopUp = false,
        public float $daysPerWeek = self::WEEK,
    ) {
    }

    /** @throws InvalidEntry for days no charge stays */
    public static function of(?float $days, bool $isTopUp, float $daysPerWeek): self
    {
        return new self(
            $days === null ? null : Amount::within($days, 0.5, 730, 'The days it stays', Dimension::Days),
            $isTopUp,
            Amount::within($daysPerWeek, 0.5, self::WEEK, 'Days a week', Dimension::Days),
        );
    }
}
