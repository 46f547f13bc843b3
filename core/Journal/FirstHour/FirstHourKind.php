<?php

declare(strict_types=1);

namespace Ithys\Journal\FirstHour;

use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** The first hour after a start. It says something and changes nothing. */
final class FirstHourKind implements Kind
{
    public const KEY = 'first-hour';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return FirstHour::fromData($from);
    }

    public function phrases(): array
    {
        return [new FirstHourRule];
    }

    public function lanes(): array
    {
        return [];
    }

    public function lever(): ?Lever
    {
        return null;
    }
}
