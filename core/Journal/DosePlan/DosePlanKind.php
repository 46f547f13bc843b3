<?php

declare(strict_types=1);

namespace Ithys\Journal\DosePlan;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** What a pump doses a day from now on. */
final class DosePlanKind implements Kind
{
    public const KEY = 'dose-plan';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return DosePlan::fromData($from);
    }

    public function phrases(): array
    {
        return [new DosePlanRule];
    }

    public function lanes(): array
    {
        return [new Lane(self::KEY, 'Dose plan', LaneShape::Steps, 'mL a day', tone: 'culture')];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::BiologySettling, isSetting: true);
    }
}
