<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use DateTimeImmutable;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Snapshot;

/** What the model of a tank expected of a change: the same tank with it and without. */
final class Expected
{
    /** Days since a change before which nothing is expected of it. */
    private const SOONEST = 1.0;

    /**
     * By how much more or less came in, on average over the days since, mg of the ion a day.
     *
     * @return ?array<string, float> by parameter; null for a change only just made, or outside what the model runs over
     */
    public static function of(
        Timeline $with,
        Timeline $without,
        Fit $fit,
        DateTimeImmutable $change,
        int $days,
    ): ?array {
        $from = $with->day($change);
        $to = min($with->day($with->to), $from + $days);
        if ($from <= 0.0 || $to - $from < self::SOONEST) {
            return null;
        }
        try {
            [$one, $other] = array_map(
                static fn (Timeline $timeline): Snapshot => $timeline
                    ->simulation($fit->parameters($timeline), $fit->start($timeline))
                    ->before($to),
                [$with, $without],
            );
        } catch (InvalidLever) {
            return null;
        }
        $expected = [];
        foreach (Element::cases() as $element) {
            $expected[$element->parameter()->value] = ($one->level($element) - $other->level($element))
                * $with->litres() / ($to - $from);
        }

        return $expected;
    }
}
