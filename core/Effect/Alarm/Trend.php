<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Forecast\Bands\Nutrient;
use Ithys\Statistics\LinearFit;
use Ithys\Statistics\SingularFit;
use Ithys\Statistics\StudentT;

/** A level that goes one way for weeks, by a line through its readings whatever their spacing. */
final readonly class Trend
{
    /** Days that are looked at, and that the readings must span. */
    public const DAYS = 90;

    private const SPAN = 42.0;

    private const LEAST = 6;

    /** Chance that a line so steep lies in nothing. */
    private const SURE = 0.998;

    /** Days in which readings forget each other: a tank wanders. */
    private const MEMORY = 21.0;

    private const DAY = 86_400;

    private function __construct(
        /** ppm, by the line, at the first reading and at the last. */
        public float $from,
        public float $to,
        public DateTimeImmutable $since,
        /** Whether it is beyond doubt that it rises. */
        public bool $rises,
    ) {
    }

    /** Null where too few readings tell. */
    public static function of(Recent $recent, DateTimeImmutable $now): ?self
    {
        $nutrient = Nutrient::of($recent->parameter);
        $from = $now->modify('-'.self::DAYS.' days');
        $readings = array_values(array_filter(
            $recent->readings,
            static fn (array $one): bool => $one[0] >= $from,
        ));
        if (count($readings) < self::LEAST) {
            return null;
        }
        $days = array_map(
            static fn (array $one): float => ($one[0]->getTimestamp() - $readings[0][0]->getTimestamp()) / self::DAY,
            $readings,
        );
        $span = $days[count($days) - 1];
        if ($span < self::SPAN) {
            return null;
        }
        $logs = array_map(static fn (array $one): float => $nutrient->scale($one[1]->value), $readings);
        try {
            $fit = LinearFit::of(array_map(static fn (float $day): array => [1.0, $day], $days), $logs);
        } catch (SingularFit) {
            return null;
        }
        [$start, $slope] = $fit->coefficients;
        // Readings that lie close to each other say much the same: so many count less.
        $count = max(3.0, min((float) count($days), 1 + $span / self::MEMORY * 2));
        $error = $fit->standardError($fit->variance(), 0.0, 1.0) * sqrt(count($days) / $count);
        $reach = StudentT::withDegreesOfFreedom(max(1.0, $count - 2))->quantile(self::SURE) * $error;

        return new self(
            $nutrient->back($start),
            $nutrient->back($start + $slope * $span),
            $readings[0][0],
            $slope > $reach,
        );
    }
}
