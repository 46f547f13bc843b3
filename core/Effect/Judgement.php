<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Finding;
use Ithys\Water\Nutrient;

/** The answer to a {@see Question}: the verdict in words, the rates behind it and what to read with care. */
final readonly class Judgement
{
    /**
     * @param  string  $sentence  the verdict in plain words
     * @param  ?int  $moreReadings  readings at the present spacing that would show the wanted size; null when none are
     *   needed or none would help
     * @param  float  $wantedPerDay  the smallest difference worth knowing, mg a day
     * @param  list<array{day: float, ppm: float}>  $line  the fit with the water changes put back, per reading used;
     *   day from the change
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Question $question,
        public Verdict $verdict,
        public string $sentence,
        public ?Interval $before,
        public ?Interval $after,
        public ?Interval $difference,
        public int $readingsBefore,
        public int $readingsAfter,
        public ?int $moreReadings,
        public float $wantedPerDay,
        public array $line,
        public array $findings,
    ) {
    }

    public function nutrient(): Nutrient
    {
        return $this->question->nutrient;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $litres = $this->question->litres;

        return [
            'nutrient' => $this->nutrient()->value,
            'label' => $this->nutrient()->label(),
            'verdict' => $this->verdict->value,
            'sentence' => $this->sentence,
            'before' => $this->before?->toArray($litres),
            'after' => $this->after?->toArray($litres),
            'difference' => $this->difference?->toArray($litres),
            'readingsBefore' => $this->readingsBefore,
            'readingsAfter' => $this->readingsAfter,
            'moreReadings' => $this->moreReadings,
            'wantedPerDay' => $this->wantedPerDay,
            'line' => $this->line,
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->findings),
        ];
    }
}
