<?php

declare(strict_types=1);

namespace Ithys\Journal\CarbonDose;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Quantity\Dimension;

/** Organic carbon given to feed bacteria. */
final class CarbonDoseKind implements Kind
{
    public const KEY = 'dose';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return CarbonDose::fromData($from);
    }

    public function phrases(): array
    {
        return [new CarbonDoseRule];
    }

    public function lanes(): array
    {
        return [
            new Lane(
                self::KEY,
                'Organic carbon',
                LaneShape::Ticks,
                Dimension::Dose,
                Dimension::Dose,
                tone: 'culture',
            ),
        ];
    }

    public function lever(): Lever
    {
        return new Lever(
            Confounds::Routine,
            isJudged: false,
            settling: Assumed::BiologySettling,
            usage: new CarbonDoseUsage,
        );
    }
}
