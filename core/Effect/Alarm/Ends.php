<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Target\TargetBand;

/** What is read outside the ends that are usual, or outside what its keeper wants for weeks. */
final readonly class Ends
{
    /** Days after which a reading says nothing of now. */
    private const FRESH = 14;

    /** Days for which readings must stand outside a target, and how many. */
    private const WEEKS = 28;

    private const LEAST = 3;

    /** What to look at, by parameter; what harms at once is told by one reading. */
    private const LOOK = [
        'nh4' => 'Ammonia burns gills. Read it again, look for a dead animal, feed nothing today, and change water.',
        'temp' => 'Look at the heater and the cooling, and change it slowly: a degree an hour at most.',
        'sal' => 'Look at the top-off and the kit, and correct it over days.',
        'alk' => 'Read it again by another kit, and correct it slowly.',
        'ph' => 'Read it again after the probe is calibrated. Air the room: carbon dioxide lowers it.',
    ];

    private const AT_ONCE = ['nh4', 'temp'];

    private const DAY = 86_400;

    /** @param  list<Entry>  $journal  in order of time */
    private function __construct(
        private array $journal,
        private DateTimeImmutable $now,
        private Assumptions $assumptions,
    ) {
    }

    /**
     * @param  list<Entry>  $journal  in order of time
     * @param  list<TargetBand>  $targets
     * @return list<Alert>
     */
    public static function over(
        array $journal,
        DateTimeImmutable $now,
        Assumptions $assumptions,
        array $targets,
    ): array {
        $here = new self($journal, $now, $assumptions);

        return array_values(array_filter([
            ...array_map($here->outside(...), array_map(Parameter::from(...), array_keys(self::LOOK))),
            ...array_map($here->missed(...), $targets),
        ]));
    }

    private function outside(Parameter $parameter): ?Alert
    {
        $key = $parameter->value;
        $isAtOnce = in_array($key, self::AT_ONCE, true);
        $last = Recent::of($this->journal, $parameter)->last($isAtOnce ? 1 : 2);
        if (count($last) < ($isAtOnce ? 1 : 2) || $this->daysSince($last[count($last) - 1][0]) > self::FRESH) {
            return null;
        }
        [$low, $high] = [$this->end($key, 'low'), $this->end($key, 'high')];
        $isLow = self::all($last, static fn (Reading $one): bool => $low !== null && $one->value < $low->value);
        $isHigh = self::all($last, static fn (Reading $one): bool => $high !== null && ! $one->belowLimit
            && $one->value > $high->value);
        $end = $isLow ? $low : ($isHigh ? $high : null);

        return $end === null ? null : new Alert("{$key} outside", Finding::of(
            $isAtOnce ? Severity::Fault : Severity::Caution,
            'alert.outside',
            Text::of($isLow ? '{parameter!} is low' : '{parameter!} is high', parameter: $parameter->label()),
            Text::of(
                '{value} was read; usual is {end}. {look}',
                value: Quantity::base($last[count($last) - 1][1]->value, $parameter->dimension()),
                end: Text::of(
                    $isLow ? '{end} or more' : '{end} or less',
                    end: Quantity::base($end->value, $parameter->dimension()),
                ),
                look: self::LOOK[$key] ?? '',
            ),
            $end,
        ), $last[0][0]);
    }

    /**
     * Targets that all readings of the last weeks miss on the same side.
     *
     * @param  list<Entry>  $journal  in order of time
     * @param  list<TargetBand>  $targets
     * @return array<string, bool> whether it is below, by parameter
     */
    public static function missing(array $journal, DateTimeImmutable $now, array $targets): array
    {
        $here = new self($journal, $now, Assumptions::standard());
        $low = [];
        foreach ($targets as $target) {
            $side = $here->side($target, $here->lately($target));
            $low += $side === null ? [] : [$target->parameter->value => $side];
        }

        return $low;
    }

    /** @return list<array{DateTimeImmutable, Reading}> */
    private function lately(TargetBand $target): array
    {
        $from = $this->now->modify('-'.self::WEEKS.' days');

        return array_values(array_filter(
            Recent::of($this->journal, $target->parameter)->readings,
            static fn (array $one): bool => $one[0] >= $from,
        ));
    }

    /**
     * @param  list<array{DateTimeImmutable, Reading}>  $readings
     * @return ?bool whether all are below; null where they are too few, or not all on one side outside
     */
    private function side(TargetBand $target, array $readings): ?bool
    {
        if (count($readings) < self::LEAST
            || $this->daysSince($readings[0][0]) < self::WEEKS - self::FRESH) {
            return null;
        }

        return match (true) {
            self::all($readings, static fn (Reading $one): bool => $one->value < $target->low) => true,
            self::all($readings, static fn (Reading $one): bool => $one->value > $target->high) => false,
            default => null,
        };
    }

    private function missed(TargetBand $target): ?Alert
    {
        $readings = $this->lately($target);
        $isLow = $this->side($target, $readings);

        return $isLow === null ? null : new Alert("target {$target->parameter->value}", Finding::of(
            Severity::Remark,
            'alert.target',
            Text::of(
                $isLow ? '{parameter!} stays below your target' : '{parameter!} stays above your target',
                parameter: $target->parameter->label(),
            ),
            Text::of(
                'All {many} readings of the last four weeks lie outside {band}. The Forecast shows steps towards it.',
                many: count($readings),
                band: $target->says(),
            ),
        ), $readings[0][0]);
    }

    private function end(string $key, string $which): ?Assumption
    {
        return $this->assumptions->find("band-{$key}-{$which}");
    }

    /**
     * @param  list<array{DateTimeImmutable, Reading}>  $readings
     * @param  callable(Reading): bool  $holds
     */
    private static function all(array $readings, callable $holds): bool
    {
        foreach ($readings as [, $reading]) {
            if (! $holds($reading)) {
                return false;
            }
        }

        return $readings !== [];
    }

    private function daysSince(DateTimeImmutable $at): float
    {
        return ($this->now->getTimestamp() - $at->getTimestamp()) / self::DAY;
    }
}
