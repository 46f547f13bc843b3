<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** Food given. */
final class FeedKind implements Kind
{
    public const KEY = 'feed';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Feed::fromData($from);
    }

    public function phrases(): array
    {
        return [new FeedRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Feed', LaneShape::Ticks, Dimension::Mass, Dimension::Mass, tone: 'food')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Routine, isJudged: false, usage: new FeedUsage);
    }
}
