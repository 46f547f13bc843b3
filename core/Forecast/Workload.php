<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Assumption\Assumptions;
use Ithys\History\Course\Course;
use Ithys\History\Course\Fresh;

/** What a course asks of its keeper in a year: times, hours and what is used up, at prices that can be set. */
final readonly class Workload
{
    private const DAYS = 365;

    private function __construct(
        public int $sockChanges,
        public int $waterChanges,
        public float $waterLitres,
        /** Organic carbon, mL. */
        public float $doseMillilitres,
        /** Fleece wound on, mm; null where its pace is not known. */
        public ?float $fleeceMm,
        public float $hours,
        /** What is used up, in the keeper's money; fleece only where its pace is known. */
        public float $cost,
    ) {
    }

    /** @param  ?float  $fleecePace  mm a day now; null where not known */
    public static function of(Course $course, ?float $fleecePace, Assumptions $assumptions): self
    {
        $value = $assumptions->value(...);
        $times = static fn (?float $every): int => $every === null ? 0 : (int) round(self::DAYS / $every);
        $socks = $times($course->socks->every);
        $changes = $times($course->water->every);
        $litres = $changes * $course->water->amount;
        $doses = self::DAYS * $course->doses->millilitres();
        $fleece = $fleecePace === null ? null : self::DAYS * $fleecePace * $course->machines->rollerTimes;

        return new self(
            $socks,
            $changes,
            $litres,
            $doses,
            $fleece,
            ($socks * $value('minutes-sock') + $changes * $value('minutes-water')) / 60,
            $litres * $value('price-salt-water') + $doses * $value('price-dose')
                + ($fleece ?? 0.0) / 1000 * $value('price-fleece')
                + array_sum(array_map(
                    static fn (Fresh $one): float => $one->grams * $value((string) $one->medium->key('price')),
                    $course->fresh,
                )),
        );
    }
}
