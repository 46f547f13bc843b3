<?php

declare(strict_types=1);

namespace Ithys\Journal\Binder;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** Dissolved lanthanum, which binds phosphate in the water. */
final class BinderKind implements Kind
{
    public const KEY = 'binder';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Binder::fromData($from);
    }

    public function phrases(): array
    {
        return [new BinderRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Lanthanum', LaneShape::Ticks, Dimension::Dose, tone: 'binder')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::MediaSettling);
    }
}
