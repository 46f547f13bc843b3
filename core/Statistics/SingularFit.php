<?php

declare(strict_types=1);

namespace Ithys\Statistics;

use DomainException;

/** A regression that has no single answer. */
final class SingularFit extends DomainException
{
    public static function tooFewObservations(int $observations, int $coefficients): self
    {
        return new self("{$observations} observations cannot fix {$coefficients} coefficients and a spread.");
    }

    public static function dependentColumns(): self
    {
        return new self('The regressors depend on each other, so no single fit exists.');
    }
}
