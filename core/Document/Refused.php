<?php

declare(strict_types=1);

namespace Ithys\Document;

use DomainException;

/**
 * A document that cannot be; `$problems` says per place what is wrong. Places read "lengthMm", "baffle.weir.topMm",
 * "item.i3.watts" or "line.b1.from".
 */
final class Refused extends DomainException
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

    /** The document as a whole. */
    public static function whole(string $document, string $sentence): self
    {
        return self::places([$document => $sentence]);
    }

    public static function otherVersion(string $document, string $what, string $format, int $schema): self
    {
        return self::whole($document, sprintf(
            'This is not %s of this version: its format should read “%s”, its schema %d.',
            $what,
            $format,
            $schema,
        ));
    }
}
