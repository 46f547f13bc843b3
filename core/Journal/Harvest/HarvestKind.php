<?php

declare(strict_types=1);

namespace Ithys\Journal\Harvest;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** Algae taken out of a refugium or a reactor. */
final class HarvestKind implements Kind
{
    public const KEY = 'harvest';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Harvest::fromData($from);
    }

    public function phrases(): array
    {
        return [new HarvestRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Harvest', LaneShape::Ticks, Dimension::Mass, tone: 'culture')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false);
    }
}
