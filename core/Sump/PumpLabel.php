<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\InvalidCurve;
use Ithys\Flow\PumpCurve;

/** What is known of a return pump: the figures on its label, or points of its curve, which go before them. */
final readonly class PumpLabel
{
    /** @param  list<array{float, float}>  $points  of its curve: flow in L/h and head in m */
    public function __construct(
        public ?float $litresPerHour = null,
        public ?float $headMetres = null,
        public ?float $watts = null,
        public array $points = [],
    ) {
    }

    /**
     * Null while a figure is missing.
     *
     * @throws InvalidCurve when the points are no pump's
     */
    public function curve(): ?PumpCurve
    {
        return match (true) {
            $this->points !== [] => PumpCurve::through($this->points),
            $this->litresPerHour === null || $this->headMetres === null => null,
            default => PumpCurve::label($this->litresPerHour, $this->headMetres),
        };
    }
}
