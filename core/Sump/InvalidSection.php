<?php

declare(strict_types=1);

namespace Ithys\Sump;

use DomainException;

/**
 * A sump that cannot be drawn; `$problems` says per place what is wrong: "lengthMm", "baffle.weir.topMm",
 * "plumbing.boreMm".
 */
final class InvalidSection extends DomainException
{
    /** @param  array<string, string>  $problems sentence per place */
    private function __construct(string $message, public readonly array $problems)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-array<string, string>  $problems */
    public static function places(array $problems): self
    {
        return new self(implode(' ', $problems), $problems);
    }

    public static function unreadable(string $what): self
    {
        return self::places(['section' => $what]);
    }
}
