<?php

declare(strict_types=1);

namespace Ithys\Journal\Supplement;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** What is dosed beside organic carbon: alkalinity, calcium, trace elements. */
final class SupplementKind implements Kind
{
    public const KEY = 'supplement';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Supplement::fromData($from);
    }

    public function phrases(): array
    {
        return [new SupplementRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Doses', LaneShape::Ticks)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false);
    }
}
