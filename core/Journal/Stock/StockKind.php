<?php

declare(strict_types=1);

namespace Ithys\Journal\Stock;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** What the animals weigh. */
final class StockKind implements Kind
{
    public const KEY = 'stock';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Stock::fromData($from);
    }

    public function phrases(): array
    {
        return [new StockRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Stock', LaneShape::Ticks, Dimension::Mass)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, isSetting: true);
    }
}
