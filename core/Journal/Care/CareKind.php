<?php

declare(strict_types=1);

namespace Ithys\Journal\Care;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** A part of the filtration that was changed, cleaned or emptied. */
final class CareKind implements Kind
{
    public const KEY = 'care';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Care::fromData($from);
    }

    public function phrases(): array
    {
        return [new CareRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Cleaning', LaneShape::Ticks)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false);
    }
}
