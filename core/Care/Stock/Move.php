<?php

declare(strict_types=1);

namespace Ithys\Care\Stock;

use DateTimeImmutable;
use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\Dimension;

/** What came in, went out by hand, or was counted. */
final readonly class Move
{
    public const COUNTED = 'counted';

    public const BOUGHT = 'bought';

    public const BINNED = 'binned';

    private function __construct(public DateTimeImmutable $at, public string $what, public float $amount)
    {
    }

    /** @throws InvalidEntry for an amount below zero, of nothing, or more than any household has */
    public static function of(DateTimeImmutable $at, string $what, float $amount): self
    {
        if (! in_array($what, [self::COUNTED, self::BOUGHT, self::BINNED], true)) {
            throw InvalidEntry::unknown('move of stock', $what);
        }

        return new self($at, $what, Amount::within(
            $amount,
            $what === self::COUNTED ? 0.0 : 0.001,
            1_000_000.0,
            'The amount',
            Dimension::Plain,
        ));
    }
}
