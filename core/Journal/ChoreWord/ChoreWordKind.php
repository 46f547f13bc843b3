<?php

declare(strict_types=1);

namespace Ithys\Journal\ChoreWord;

use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A chore that was not done, and why. */
final class ChoreWordKind implements Kind
{
    public const KEY = 'chore';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return ChoreWord::fromData($from);
    }

    public function phrases(): array
    {
        return [new ChoreWordRule];
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
