<?php

declare(strict_types=1);

namespace Ithys\Flow;

use DomainException;

/** A pump curve that no pump has; the message is a sentence for the keeper. */
final class InvalidCurve extends DomainException
{
    public static function tooFewPoints(): self
    {
        return new self(
            'A pump curve needs at least two points, or the two figures on the label: most flow and most height.',
        );
    }

    public static function notFalling(): self
    {
        return new self(
            'A pump gives less the higher it lifts: from point to point the flow must rise and the height must fall.',
        );
    }
}
