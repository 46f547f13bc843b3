<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Nutrient\Start;

/** What was read of nitrate and phosphate, and how a tank starts by it. */
final readonly class Read
{
    /** @param  list<Observed>  $observed  in order of time */
    private function __construct(public DateTimeImmutable $from, public Start $start, public array $observed)
    {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     *
     * @throws Missing where one of them was never read
     */
    public static function of(array $entries, Assumptions $assumptions): self
    {
        $from = self::from($entries);
        $observed = Observed::all($entries, $from, $assumptions);

        return new self($from, new Start(
            Observed::first($observed, Parameter::Nitrate)->level,
            Observed::first($observed, Parameter::Phosphate)->level,
            steady: true,
        ), $observed);
    }

    /**
     * The first moment from which both are known.
     *
     * @param  list<Entry>  $entries
     *
     * @throws Missing
     */
    private static function from(array $entries): DateTimeImmutable
    {
        $first = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Reading) {
                $first[$entry->payload->parameter->value] ??= $entry->at;
            }
        }
        $nitrate = $first[Parameter::Nitrate->value] ?? null;
        $phosphate = $first[Parameter::Phosphate->value] ?? null;

        return $nitrate === null || $phosphate === null
            ? throw Missing::readings(array_values(array_filter(
                Parameter::nutrients(),
                static fn (Parameter $one): bool => ! isset($first[$one->value]),
            )))
            : max($nitrate, $phosphate);
    }
}
