<?php

declare(strict_types=1);

namespace Ithys\Learning;

use DomainException;
use Ithys\Journal\Reading\Parameter;

/** There is too little to learn from; the message is a sentence for the keeper. */
final class TooFewReadings extends DomainException
{
    /** Readings of each nutrient. */
    public const LEAST = 6;

    public static function of(Parameter $parameter, int $count): self
    {
        $more = self::LEAST - $count;

        return new self(
            "There are {$count} readings of {$parameter->label()}. {$more} more are needed before anything can be "
                .'learned from them. Until then the defaults stand.',
        );
    }
}
