<?php

declare(strict_types=1);

namespace Ithys\Drawing;

/** Words as they may stand in XML 1.0, whatever a keeper typed. */
final class XmlText
{
    public static function of(string $words): string
    {
        // Characters outside the production Char of XML 1.0 (W3C, fifth edition) cannot stand in a document even as
        // references.
        $allowed = (string) preg_replace(
            '~[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]~u',
            '',
            $words,
        );

        return htmlspecialchars($allowed, ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }
}
