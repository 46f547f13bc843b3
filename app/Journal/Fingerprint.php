<?php

declare(strict_types=1);

namespace App\Journal;

use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;

/**
 * What makes two entries the same one: of readings the parameter, minute, figure to a millionth, and method; of
 * everything else the kind, minute and all that it holds.
 */
final class Fingerprint
{
    public static function of(Entry $entry): string
    {
        $payload = $entry->payload;

        return md5(implode('|', $payload instanceof Reading
            ? [
                $payload->parameter->value,
                intdiv($entry->at->getTimestamp(), 60),
                sprintf('%.6f', $payload->value),
                $payload->belowLimit ? '<' : '',
                $payload->method ?? '',
            ]
            : [
                $entry->kind()->key(),
                intdiv($entry->at->getTimestamp(), 60),
                json_encode($payload->toArray(), JSON_THROW_ON_ERROR),
            ]));
    }
}
