<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

use DomainException;

/** A lever that cannot be turned as it is asked for; the message is a sentence for the keeper. */
final class InvalidLever extends DomainException
{
    public static function unknown(string $what, string $name): self
    {
        return new self("There is no {$what} called “{$name}”.");
    }

    public static function notThere(string $what, string $name): self
    {
        return new self("No {$what} called “{$name}” is in place then.");
    }

    public static function noTime(float $day): self
    {
        return new self(sprintf(
            'The model cannot go on from day %.6g: the next change of its inputs is not later. Please report this '
                .'journal.',
            $day,
        ));
    }

    public static function thereAlready(string $name): self
    {
        return new self("A charge called “{$name}” was put in before. Each charge needs its own name.");
    }
}
