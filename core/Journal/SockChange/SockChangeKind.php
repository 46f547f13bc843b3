<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A sock swapped for a clean one. */
final class SockChangeKind implements Kind
{
    public const KEY = 'sock';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return SockChange::fromData($from);
    }

    public function phrases(): array
    {
        return [new SockRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Socks', LaneShape::Ticks, 'soiling', 'how often', SockChange::MOST_SOILING)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Routine, isJudged: false, usage: new SockUsage);
    }
}
