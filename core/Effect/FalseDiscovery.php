<?php

declare(strict_types=1);

namespace Ithys\Effect;

/**
 * Which of many results stand out of what chance alone brings, at most one in ten of them falsely.
 *
 * Source: Benjamini and Hochberg 1995.
 */
final class FalseDiscovery
{
    private const SHARE = 0.1;

    /**
     * @param  array<array-key, float>  $chances  how easily nothing would look like each, 0 to 1
     * @return array<array-key, bool> by the same keys
     */
    public static function marked(array $chances): array
    {
        $sorted = array_values($chances);
        sort($sorted);
        $limit = -1.0;
        foreach ($sorted as $i => $chance) {
            $limit = $chance <= self::SHARE * ($i + 1) / count($sorted) ? $chance : $limit;
        }

        return array_map(static fn (float $chance): bool => $chance <= $limit, $chances);
    }
}
