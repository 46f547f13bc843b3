<?php

declare(strict_types=1);

namespace Ithys\History;

/** What goes on at a time: an amount a day, how far it may be off, and how it is known. */
final readonly class Rate
{
    public function __construct(
        public float $perDay,
        public float $low,
        public float $high,
        public Known $known,
        /** Days from one act to the next; null where that is not known. */
        public ?float $every = null,
    ) {
    }

    public static function stated(float $perDay): self
    {
        return new self($perDay, $perDay, $perDay, Known::Stated);
    }
}
