<?php

declare(strict_types=1);

namespace Ithys\Journal\FeedPlan;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** What is fed a day from now on. */
final class FeedPlanKind implements Kind
{
    public const KEY = 'feed-plan';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return FeedPlan::fromData($from);
    }

    public function phrases(): array
    {
        return [new FeedPlanRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Feeding plan', LaneShape::Steps, Dimension::Mass, tone: 'food')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::BiologySettling, isSetting: true);
    }
}
