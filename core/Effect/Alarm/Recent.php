<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use LogicException;

/** The readings of one parameter by the kit that is in use, oldest first. */
final readonly class Recent
{
    /** @param  list<array{DateTimeImmutable, Reading}>  $readings */
    private function __construct(public Parameter $parameter, public array $readings)
    {
    }

    /** @param  list<Entry>  $journal  in order of time */
    public static function of(array $journal, Parameter $parameter): self
    {
        $readings = [];
        $kit = null;
        foreach ($journal as $entry) {
            if ($entry->payload instanceof Reading && $entry->payload->parameter === $parameter) {
                $readings[] = [$entry->at, $entry->payload];
                $kit = $entry->payload->method ?? $kit;
            }
        }

        return new self($parameter, array_values(array_filter(
            $readings,
            static fn (array $one): bool => $one[1]->method === null || $one[1]->method === $kit,
        )));
    }

    /** @return list<array{DateTimeImmutable, Reading}> the last of them, at most so many */
    public function last(int $many): array
    {
        return array_slice($this->readings, -$many);
    }

    /** @return list<array{DateTimeImmutable, Reading}> those before the last so many, at most so many of them */
    public function before(int $last, int $many): array
    {
        return array_slice(array_slice($this->readings, 0, -$last), -$many);
    }

    /** What the kit tells apart, in the base unit of the parameter. */
    public function step(): float
    {
        // “0.1” may stand for 0.10: the finest step written is the kit's.
        $steps = array_filter(array_map(static fn (array $one): float => $one[1]->step, $this->last(6)));

        return max($steps === [] ? 0.0 : min($steps), $this->parameter->resolution() / 10);
    }

    /**
     * @param  list<array{DateTimeImmutable, Reading}>  $readings
     * @return ($readings is non-empty-list ? non-empty-list<float> : list<float>)
     */
    public static function values(array $readings): array
    {
        return array_map(static fn (array $one): float => $one[1]->value, $readings);
    }

    /**
     * Their values from the least to the greatest.
     *
     * @param  list<array{DateTimeImmutable, Reading}>  $readings  of which there is one at least
     * @return non-empty-list<float>
     */
    public static function sorted(array $readings): array
    {
        $values = self::values($readings);
        sort($values);

        return $values === [] ? throw new LogicException('There is nothing to sort.') : $values;
    }

    /**
     * The middle of some readings, of which there is one at least.
     *
     * @param  list<float>  $values
     */
    public static function middle(array $values): float
    {
        if ($values === []) {
            throw new LogicException('There is no middle of no readings.');
        }
        sort($values);
        $half = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2;
    }
}
