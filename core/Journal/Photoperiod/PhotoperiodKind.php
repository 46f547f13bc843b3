<?php

declare(strict_types=1);

namespace Ithys\Journal\Photoperiod;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Kind;
use Ithys\Journal\Lane;
use Ithys\Journal\LaneShape;
use Ithys\Journal\Lever;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;

/** The hours of light of the refugium. */
final class PhotoperiodKind implements Kind
{
    public const KEY = 'photoperiod';

    /** The lane of the display's light. */
    public const DISPLAY = 'light';

    public function key(): string
    {
        return self::KEY;
    }

    public function payload(PayloadData $from): Payload
    {
        return Photoperiod::fromData($from);
    }

    public function phrases(): array
    {
        return [new PhotoperiodRule];
    }

    public function lanes(): array
    {
        return [
            new Lane(self::KEY, 'Refugium', LaneShape::Steps, 'h light', '', 24.0, 'culture'),
            new Lane(self::DISPLAY, 'Display light', LaneShape::Steps, 'h light', '', 24.0),
        ];
    }

    public function lever(): Lever
    {
        return new Lever(Confounds::Each, settling: Assumed::BiologySettling, isSetting: true);
    }
}
