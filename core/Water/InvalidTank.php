<?php

declare(strict_types=1);

namespace Ithys\Water;

use DomainException;

/** A tank description that cannot hold; `$problems` says per field what is wrong. */
final class InvalidTank extends DomainException
{
    /** @param  array<string, string>  $problems sentence per field */
    private function __construct(string $message, public readonly array $problems = [])
    {
        parent::__construct($message);
    }

    /** @param  non-empty-array<string, string>  $problems */
    public static function fields(array $problems): self
    {
        return new self(implode(' ', $problems), $problems);
    }

    public static function unknownDocument(): self
    {
        return new self('This tank description is of a kind this version does not know.');
    }

    public static function missingFigure(string $key): self
    {
        return new self("The tank description has no figure for “{$key}”.");
    }
}
