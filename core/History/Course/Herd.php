<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Stock\Stock;

/** What the animals weigh, and whether the food grows with them. */
final readonly class Herd
{
    private const WEEK = 7.0;

    private function __construct(
        /** g now; null where nobody said it. */
        public ?float $grams,
        public bool $feedGrows,
    ) {
    }

    /** @param  list<Entry>  $entries  in order of time */
    public static function present(array $entries, DateTimeImmutable $now, bool $feedGrows): self
    {
        $grams = null;
        foreach ($entries as $entry) {
            $stock = $entry->payload;
            if ($stock instanceof Stock && $stock->days === null) {
                $grams = $stock->grams * (1 + $stock->growth) ** floor(-$entry->daysAfter($now) / self::WEEK);
            }
        }

        return new self($grams, $feedGrows);
    }

    /** How much more is fed where so many g of animals are added. */
    public function times(float $added): float
    {
        return $this->grams === null || $this->grams <= 0.0 ? 1.0 : 1 + $added / $this->grams;
    }
}
