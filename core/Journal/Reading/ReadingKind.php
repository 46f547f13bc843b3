<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** What was read off a kit or a meter. */
final class ReadingKind implements Kind
{
    public const KEY = 'reading';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Reading::fromData($from);
    }

    public function phrases(): array
    {
        return [new ReadingRule];
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
