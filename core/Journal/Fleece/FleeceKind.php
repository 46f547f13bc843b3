<?php

declare(strict_types=1);

namespace Ithys\Journal\Fleece;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** The fleece of a roller. */
final class FleeceKind implements Kind
{
    public const KEY = 'fleece';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Fleece::fromData($from);
    }

    public function phrases(): array
    {
        return [new FleeceRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Fleece', LaneShape::Ticks)];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Nothing, isJudged: false);
    }
}
