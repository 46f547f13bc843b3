<?php

declare(strict_types=1);

namespace Ithys\Journal\RoutineWord;

use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A word on what is done again and again. */
final class RoutineWordKind implements Kind
{
    public const KEY = 'routine';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return RoutineWord::fromData($from);
    }

    public function phrases(): array
    {
        return [new RoutineWordRule];
    }

    /** They stand among the notes. */
    public function lanes(): array
    {
        return [];
    }

    public function lever(): ?Lever
    {
        return null;
    }
}
