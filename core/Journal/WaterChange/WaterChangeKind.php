<?php

declare(strict_types=1);

namespace Ithys\Journal\WaterChange;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** Water of the tank replaced by new. */
final class WaterChangeKind implements Kind
{
    public const KEY = 'water';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return WaterChange::fromData($from);
    }

    public function phrases(): array
    {
        return [new WaterChangeRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Water', LaneShape::Drops, 'changes', 'share a week')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false, usage: new WaterChangeUsage);
    }
}
