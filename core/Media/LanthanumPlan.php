<?php

declare(strict_types=1);

namespace Ithys\Media;

/** Lanthanum dosed so that phosphate falls no faster than it may: the last resort, slowly and filtered. */
final readonly class LanthanumPlan
{
    /** g/mol, IUPAC 2013. */
    private const LANTHANUM = 138.90547;

    private const PHOSPHATE = 94.971;

    private function __construct(
        /** In all. */
        public float $milligrams,
        public int $days,
    ) {
    }

    /**
     * @param  float  $fall  ppm of phosphate that is to go
     * @param  float  $aWeek  ppm that it may fall in a week
     * @param  float  $efficiency  of what could bind
     */
    public static function of(float $fall, float $litres, float $aWeek, float $efficiency): self
    {
        $fall = max(0.0, $fall);

        return new self(
            $fall * $litres * self::LANTHANUM / self::PHOSPHATE / $efficiency,
            (int) max(1, ceil(7 * $fall / $aWeek)),
        );
    }

    /** mg of phosphate that so many mg of lanthanum bind. */
    public static function binds(float $milligrams, float $efficiency): float
    {
        return $milligrams * self::PHOSPHATE / self::LANTHANUM * $efficiency;
    }

    public function milligramsADay(): float
    {
        return $this->milligrams / $this->days;
    }
}
