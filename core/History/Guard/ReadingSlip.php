<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Text;

/** A reading so far from the last ones of this tank that a slip of the pen is likelier than the figure. */
final class ReadingSlip implements GuardRule
{
    /** Readings older than this say little, days. */
    public const BACK = 60;

    /** A nutrient so many times the middle of the last readings, or so small a part of it, is asked about. */
    private const TIMES = 8.0;

    /** ... where it lies this many steps of an ordinary kit away as well. */
    private const STEPS = 10.0;

    /** So many of the last readings are looked at. */
    private const LAST = 3;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        return $dose instanceof Reading ? self::of($dose, $here->at, $here->entries) : [];
    }

    /**
     * @param  list<Entry>  $before  entries before the reading, in order of time
     * @param  list<Entry>  $after  those behind it: what the next reading bears out is no slip
     * @return list<Doubt>
     */
    public static function of(Reading $reading, DateTimeImmutable $at, array $before, array $after = []): array
    {
        $last = self::near($reading, $at, array_reverse($before), self::LAST);
        if ($reading->belowLimit || $last === []) {
            return [];
        }
        usort($last, static fn (Reading $a, Reading $b): int => $a->value <=> $b->value);
        $middle = $last[intdiv(count($last) - 1, 2)];
        $next = self::near($reading, $at, $after, 1)[0] ?? null;
        if (! self::isFar($reading, $middle->value) || $next !== null && ! self::isFar($reading, $next->value)) {
            return [];
        }

        return [Doubt::ask('reading-slip', Text::of(
            '{parameter!} {level} is far from the last readings of this tank, near {middle}. Check the figure and its '
                .'unit.',
            parameter: $reading->parameter->label(),
            level: $reading->level(),
            middle: $middle->level(),
        ))];
    }

    /**
     * @param  list<Entry>  $entries  the nearest first
     * @return list<Reading> so many readings of the same parameter
     */
    private static function near(Reading $reading, DateTimeImmutable $at, array $entries, int $most): array
    {
        $near = [];
        foreach ($entries as $entry) {
            if (count($near) === $most || abs($entry->daysAfter($at)) > self::BACK) {
                break;
            }
            $other = $entry->payload;
            if ($other instanceof Reading && $other->parameter === $reading->parameter && ! $other->belowLimit) {
                $near[] = $other;
            }
        }

        return $near;
    }

    private static function isFar(Reading $reading, float $middle): bool
    {
        $off = abs($reading->value - $middle);
        $most = match ($reading->parameter) {
            Parameter::Alkalinity => 2.5,
            Parameter::Calcium => 120.0,
            Parameter::Magnesium => 300.0,
            Parameter::Acidity => 0.8,
            Parameter::Temperature => 5.0,
            Parameter::Salinity => 6.0,
            Parameter::Redox, Parameter::Clarity => INF,
            default => null,
        };
        if ($most !== null) {
            return $off > $most;
        }
        [$less, $more] = [min($reading->value, $middle), max($reading->value, $middle)];

        return $off >= self::STEPS * $reading->parameter->resolution() && $more >= self::TIMES * $less;
    }
}
