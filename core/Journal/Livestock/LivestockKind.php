<?php

declare(strict_types=1);

namespace Ithys\Journal\Livestock;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** Animals that came, went or died. */
final class LivestockKind implements Kind
{
    public const KEY = 'livestock';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Livestock::fromData($from);
    }

    public function phrases(): array
    {
        return [new LivestockRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Livestock', LaneShape::Ticks)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each);
    }
}
