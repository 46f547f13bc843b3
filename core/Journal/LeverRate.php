<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Text;

/**
 * How strongly a routine lever was used, period by period: what a lane shows when years of single marks would run
 * together.
 */
final readonly class LeverRate
{
    /** Periods a long time is cut into; a period is never shorter than a week. */
    private const PERIODS = 120;

    private function __construct(
        /** Start of the period, seconds since 1970. */
        public int $from,
        public int $seconds,
        /** Amount a day: g of food, mL of organic carbon, socks, or the share of the water changed. */
        public float $perDay,
    ) {
    }

    /**
     * @param  list<array{int, float}>  $uses  seconds since 1970 and amount, in order of time
     * @return list<self> one per period from the first, those without any use among them
     */
    public static function over(int $from, int $to, array $uses): array
    {
        $seconds = self::seconds($from, $to);
        $sums = [];
        foreach ($uses as [$at, $amount]) {
            $period = intdiv(max(0, $at - $from), $seconds);
            $sums[$period] = ($sums[$period] ?? 0.0) + $amount;
        }
        $rates = [];
        for ($period = 0; $from + $period * $seconds < $to; $period++) {
            $start = $from + $period * $seconds;
            $length = min($seconds, $to - $start);
            $rates[] = new self($start, $length, ($sums[$period] ?? 0.0) / ($length / 86_400));
        }

        return $rates;
    }

    /** How long a period of that time is, s. */
    public static function seconds(int $from, int $to): int
    {
        return max(7, (int) ceil(($to - $from) / 86_400 / self::PERIODS)) * 86_400;
    }

    /** The rate in a keeper's words. */
    public function words(Usage $usage): Text
    {
        return $this->perDay <= 0.0 ? Text::wrap('none') : $usage->perDay($this->perDay);
    }
}
