<?php

declare(strict_types=1);

namespace Ithys\Assumption;

use OutOfRangeException;

/** A default was asked for that no catalogue has. */
final class UnknownAssumption extends OutOfRangeException
{
    public static function called(string $key): self
    {
        return new self("No assumption is called “{$key}”.");
    }
}
