<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

/** Readings of one parameter in a row, which may be joined: by one kit, and without a long time unread among them. */
final readonly class Stretch
{
    /** Days without a reading after which nobody knows what was there between; ours, an estimate. */
    private const LONG_GAP = 45.0;

    private function __construct(private float $day, private ?string $method)
    {
    }

    /** With a reading on that day in it; null for the first of another stretch. */
    public function with(Reading $reading, float $day): ?self
    {
        $isOther = $reading->method !== null && $this->method !== null && $reading->method !== $this->method;

        return $isOther || $day - $this->day > self::LONG_GAP
            ? null
            : new self($day, $reading->method ?? $this->method);
    }

    public static function from(Reading $reading, float $day): self
    {
        return new self($day, $reading->method);
    }
}
