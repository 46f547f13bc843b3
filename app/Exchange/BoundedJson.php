<?php

declare(strict_types=1);

namespace App\Exchange;

/** JSON of a size that a design or a form can have, measured before it is parsed. */
final class BoundedJson
{
    private const MOST_BYTES = 1_500_000;

    /** Members and elements; the largest path that is taken has about five thousand. */
    private const MOST_PARTS = 40_000;

    private const DEEPEST = 32;

    public static function isBearable(string $json): bool
    {
        return strlen($json) <= self::MOST_BYTES
            && substr_count($json, ',') + substr_count($json, '[') + substr_count($json, '{') <= self::MOST_PARTS;
    }

    /** The value, objects as arrays; null when it is no JSON or more than can be borne. */
    public static function asArray(string $json): mixed
    {
        return self::isBearable($json) ? json_decode($json, true, self::DEEPEST) : null;
    }

    /** The same with objects as objects, as a schema wants them. */
    public static function asObject(string $json): mixed
    {
        return self::isBearable($json) ? json_decode($json, false, self::DEEPEST) : null;
    }
}
