<?php

declare(strict_types=1);

namespace Ithys\Sump\Build;

use DateTimeImmutable;

/** One filling to see whether it holds. */
final readonly class LeakTest
{
    public function __construct(
        public DateTimeImmutable $day,
        public float $levelMm,
        public LeakResult $result,
        public string $note = '',
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'day' => $this->day->format('Y-m-d'),
            'levelMm' => $this->levelMm,
            'result' => $this->result->value,
            ...$this->note === '' ? [] : ['note' => $this->note],
        ];
    }
}
