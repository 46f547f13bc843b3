<?php

declare(strict_types=1);

namespace App\Journal;

use DateTimeImmutable;
use Ithys\Journal\Reading\Reading;

/** What makes two readings the same one: nutrient, minute, figure to a millionth of a ppm, and method. */
final class Fingerprint
{
    public static function of(DateTimeImmutable $at, Reading $reading): string
    {
        return md5(implode('|', [
            $reading->parameter->value,
            intdiv($at->getTimestamp(), 60),
            sprintf('%.6f', $reading->value),
            $reading->belowLimit ? '<' : '',
            $reading->method ?? '',
        ]));
    }
}
