<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use DomainException;

/** A room whose figures cannot be read; `$problems` says per field what is wrong. */
final class InvalidRoom extends DomainException
{
    /** @param  array<string, string>  $problems sentence per field */
    private function __construct(string $message, public readonly array $problems)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-array<string, string>  $problems */
    public static function fields(array $problems): self
    {
        return new self(implode(' ', $problems), $problems);
    }
}
