<?php

declare(strict_types=1);

namespace Ithys\Journal\Spell;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A device that was off for a time. It is drawn on the lane of its device. */
final class SpellKind implements Kind
{
    public const KEY = 'spell';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Spell::fromData($from);
    }

    public function phrases(): array
    {
        return [new SpellRule];
    }

    public function lanes(): array
    {
        return [];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, isJudged: false);
    }
}
