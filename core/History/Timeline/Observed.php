<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\KitStep;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;

/** A reading of nitrate or phosphate as the model sees it. */
final readonly class Observed
{
    private function __construct(
        public float $day,
        public Parameter $parameter,
        /** ppm of the ion; half the limit where it was below it, or the tank's own share. */
        public float $level,
        /** What the kit tells apart, ppm. */
        public float $step,
        public bool $isCloudy,
        /** What it was read to be below, ppm; null where it was read as a figure. */
        public ?float $limit,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @return list<self> from the start on
     */
    public static function all(array $entries, DateTimeImmutable $from, Assumptions $assumptions): array
    {
        $half = $assumptions->value(Assumed::BelowLimit);
        $steps = self::steps($entries);
        $all = $earlier = [];
        foreach ($entries as $entry) {
            $reading = $entry->payload;
            if ($reading instanceof Reading && in_array($reading->parameter, Parameter::nutrients(), true)) {
                $one = new self(
                    max(0.0, $entry->daysAfter($from)),
                    $reading->parameter,
                    $reading->belowLimit ? $half * $reading->value : $reading->value,
                    $steps[$reading->parameter->value][$reading->method ?? ''],
                    $reading->cloudy,
                    $reading->belowLimit ? $reading->value : null,
                );
                if ($entry->at < $from) {
                    // The last before the start is what it starts from.
                    $earlier[$reading->parameter->value] = $one;
                } else {
                    $all[] = $one;
                }
            }
        }

        return [...array_values($earlier), ...$all];
    }

    /**
     * What each kit tells apart, by all that was read with it.
     *
     * @param  list<Entry>  $entries
     * @return array<string, array<string, float>> ppm, by parameter and method
     */
    private static function steps(array $entries): array
    {
        $figures = $written = [];
        foreach ($entries as $entry) {
            $one = $entry->payload;
            if ($one instanceof Reading && in_array($one->parameter, Parameter::nutrients(), true)) {
                [$key, $kit] = [$one->parameter->value, $one->method ?? ''];
                $written[$key][$kit] = min($written[$key][$kit] ?? INF, $one->step);
                if (! $one->belowLimit) {
                    $figures[$key][$kit][] = $one->value;
                }
            }
        }
        $steps = [];
        foreach ($written as $key => $kits) {
            foreach ($kits as $kit => $step) {
                $steps[$key][$kit] = KitStep::of(Parameter::from($key), $figures[$key][$kit] ?? [], $step);
            }
        }

        return $steps;
    }

    /** @param  list<self>  $all */
    public static function first(array $all, Parameter $parameter): self
    {
        foreach ($all as $one) {
            if ($one->parameter === $parameter) {
                return $one;
            }
        }

        throw Missing::readings([$parameter]);
    }
}
