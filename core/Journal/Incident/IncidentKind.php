<?php

declare(strict_types=1);

namespace Ithys\Journal\Incident;

use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** Something that went wrong. */
final class IncidentKind implements Kind
{
    public const KEY = 'incident';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Incident::fromData($from);
    }

    public function phrases(): array
    {
        return [new IncidentRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Incidents', LaneShape::Ticks, tone: 'note')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, isJudged: false);
    }
}
