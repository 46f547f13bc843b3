<?php

declare(strict_types=1);

namespace Ithys\Journal\Renewal;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** Biological media renewed by parts. */
final class RenewalKind implements Kind
{
    public const KEY = 'renewal';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Renewal::fromData($from);
    }

    public function phrases(): array
    {
        return [new RenewalRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Bio media renewed', LaneShape::Ticks, Dimension::Share, tone: 'culture')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::BiologySettling);
    }
}
