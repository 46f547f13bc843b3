<?php

declare(strict_types=1);

namespace Ithys\Journal\Outlet;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** Readings before and behind a reactor. */
final class OutletKind implements Kind
{
    public const KEY = 'outlet';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Outlet::fromData($from);
    }

    public function phrases(): array
    {
        return [new OutletRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Reactor takes', LaneShape::Ticks, 'ppm', tone: 'binder')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false);
    }
}
